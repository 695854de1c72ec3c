<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Turf;

use JadeLedger\Core\Paper\CalendarDate;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/**
 * Whether a tractor that employees drive wants a roll bar and a belt: more than 20 hp, built after 25 October 1976.
 *
 * Source: 29 CFR 1928.51(a) and (b).
 */
final readonly class RollBarRule
{
    private const HORSEPOWER = 20;

    private const BUILT_AFTER = '1976-10-25';

    public static function wants(Quantity $power, CalendarDate $built): bool
    {
        return $power->isGreaterThan(Quantity::of(self::HORSEPOWER, Unit::Horsepower))
            && CalendarDate::parse(self::BUILT_AFTER)->isBefore($built);
    }
}
