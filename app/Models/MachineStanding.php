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
    /** It left on a release that the yard could not make: neither out nor in the yard. */
    case Gone = 'gone';
    case TaggedOut = 'tagged_out';
}
