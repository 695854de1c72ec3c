<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Truck;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/**
 * The load centre that a plate assumes where it names none.
 *
 * Source: ISO 22915-2 and ISO 3691-1; from memory, to be confirmed.
 */
final readonly class StandardLoadCentre
{
    /** Rated loads from which on the next load centre holds, in kilograms, and the load centre in millimetres. */
    private const FROM = [[5000, 600], [1000, 500], [0, 400]];

    public static function of(Quantity $rated): Quantity
    {
        foreach (self::FROM as [$from, $centre]) {
            if (! $rated->isLessThan(Quantity::of($from, Unit::Kilogram))) {
                return Quantity::of($centre, Unit::Millimetre);
            }
        }

        throw new \LogicException('A load is never less than nothing.');
    }
}
