<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Truck;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/**
 * From where on a truck is left alone: power off, brake set, wheels blocked on an incline.
 *
 * Source: 29 CFR 1910.178(m)(5)(i) to (iii): 25 ft (7.62 m) or more away though in view, or out of view anywhere.
 */
final readonly class UnattendedTruck
{
    private const FEET = 25;

    public static function whenInView(Quantity $distance): bool
    {
        return ! $distance->isLessThan(Quantity::of(self::FEET, Unit::Foot));
    }
}
