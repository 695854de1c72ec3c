<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Platform;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/**
 * How hard people on a platform may push sideways, 1.1 m above its floor. Source: EN 280 and ISO 16368.
 */
final readonly class ManualForce
{
    private const ONE_PERSON = 200;

    private const MORE = 400;

    public static function leastFor(int $persons): Quantity
    {
        return Quantity::of($persons > 1 ? self::MORE : self::ONE_PERSON, Unit::Newton);
    }
}
