<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Turf;

use JadeLedger\Core\Quantity\Slope;

/**
 * Steepest ground for a ride-on mower; its manual may say less. Source: ANSI B71.1, 15 degrees, from memory, to be
 * confirmed.
 */
final readonly class MowerSlope
{
    private const DEGREES = 15.0;

    public static function isWithin(Slope $slope): bool
    {
        return $slope->degrees <= self::DEGREES;
    }
}
