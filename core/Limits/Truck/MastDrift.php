<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Truck;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/**
 * How far a raised mast sinks and tilts in ten minutes, with its rated load and warm oil.
 *
 * Source: ISO 3691-1, from memory, to be confirmed: 100 mm and 5 degrees.
 */
final readonly class MastDrift
{
    private const MILLIMETRES = 100;

    private const DEGREES = 5;

    public static function isWithin(Quantity $lowered, Quantity $tilted): bool
    {
        return ! $lowered->isGreaterThan(self::mostLowered()) && ! $tilted->isGreaterThan(self::mostTilted());
    }

    public static function mostLowered(): Quantity
    {
        return Quantity::of(self::MILLIMETRES, Unit::Millimetre);
    }

    public static function mostTilted(): Quantity
    {
        return Quantity::of(self::DEGREES, Unit::Degree);
    }
}
