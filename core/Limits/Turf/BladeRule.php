<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Turf;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/**
 * In what time a blade stands once it is let go. Source: 16 CFR 1205.5; ISO 5395-3 and ANSI B71.1, from memory, to be
 * confirmed.
 */
enum BladeRule: string
{
    case WalkBehind = 'walk_behind';
    case RideOn = 'riding';

    public function most(): Quantity
    {
        return Quantity::of($this === self::WalkBehind ? 3 : 5, Unit::Second);
    }
}
