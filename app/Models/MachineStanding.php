<?php

declare(strict_types=1);

namespace App\Models;

enum MachineStanding: string
{
    case InYard = 'in_yard';
    case Walking = 'walking';
    case Ready = 'ready';
    case Held = 'held';
    case Out = 'out';
    case TaggedOut = 'tagged_out';
}
