<?php

declare(strict_types=1);

namespace JadeLedger\Core\State;

enum ParkBrake: string implements Aspect
{
    case Applied = 'applied';
    case Released = 'released';
}
