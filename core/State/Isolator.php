<?php

declare(strict_types=1);

namespace JadeLedger\Core\State;

enum Isolator: string implements Aspect
{
    case Off = 'off';
    case On = 'on';
}
