<?php

declare(strict_types=1);

namespace JadeLedger\Core\State;

enum Engine: string implements Aspect
{
    case Stopped = 'stopped';
    case Idle = 'idle';
    case WorkingSpeed = 'working_speed';
}
