<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Platform;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/**
 * How high the top rail of a platform is: two schools.
 *
 * Source: 29 CFR 1926.502(b)(1), 42 in and 3 in to either side; EN 280, at least 1.1 m.
 */
enum GuardRail: string
{
    case UnitedStates = 'us';
    case Europe = 'eu';

    public function accepts(Quantity $height): bool
    {
        return match ($this) {
            self::UnitedStates => ! $height->isLessThan(Quantity::of(39, Unit::Inch))
                && ! $height->isGreaterThan(Quantity::of(45, Unit::Inch)),
            self::Europe => ! $height->isLessThan(Quantity::of('1.1', Unit::Metre)),
        };
    }
}
