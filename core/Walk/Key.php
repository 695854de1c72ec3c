<?php

declare(strict_types=1);

namespace JadeLedger\Core\Walk;

enum Key: string
{
    case Out = 'out';
    case Run = 'run';
}
