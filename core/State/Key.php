<?php

declare(strict_types=1);

namespace JadeLedger\Core\State;

enum Key: string implements Aspect
{
    case Out = 'out';
    case Run = 'run';
}
