<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Transport;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/** How many flags mark what sticks out behind. Source: 49 CFR 393.87. */
final readonly class RearFlags
{
    public static function count(Quantity $overhang, Quantity $width): int
    {
        if (! $overhang->isGreaterThan(Quantity::of(4, Unit::Foot))) {
            return 0;
        }

        return $width->isGreaterThan(Quantity::of(2, Unit::Foot)) ? 2 : 1;
    }
}
