<?php

declare(strict_types=1);

namespace JadeLedger\Core\Walk;

enum Key: string implements Aspect
{
    case Out = 'out';
    case Run = 'run';
}
