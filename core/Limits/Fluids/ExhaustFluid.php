<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Fluids;

use Brick\Math\BigRational;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/**
 * Diesel exhaust fluid (AUS 32): whether it is what it should be, how long it keeps, how much of it is used.
 *
 * Source: ISO 22241-1 and ISO 22241-3; the share of the fuel is a rule of thumb of engine makers.
 */
final readonly class ExhaustFluid
{
    /** Refractive index at 20 °C, and percent of urea at these two. */
    private const INDEX = ['13814/10000', '13843/10000'];

    private const UREA = ['318/10', '332/10'];

    /** Storage up to so many degrees Celsius, and months. */
    private const SHELF = [[10, 36], [25, 18], [30, 12], [35, 6]];

    private const OF_FUEL = ['2/100', '5/100'];

    public static function isWithinItsIndex(BigRational $index): bool
    {
        return $index->isGreaterThanOrEqualTo(self::INDEX[0]) && $index->isLessThanOrEqualTo(self::INDEX[1]);
    }

    /** Percent by mass, near 20 °C. */
    public static function urea(BigRational $index): BigRational
    {
        $perIndex = BigRational::of(self::UREA[1])->minus(self::UREA[0])
            ->dividedBy(BigRational::of(self::INDEX[1])->minus(self::INDEX[0]));

        return $index->minus(self::INDEX[0])->multipliedBy($perIndex)->plus(self::UREA[0])->simplified();
    }

    /** @return int|null months; none where it is to be tested before it is used */
    public static function shelfMonths(Quantity $storage): ?int
    {
        foreach (self::SHELF as [$degrees, $months]) {
            if (! $storage->isGreaterThan(Quantity::of($degrees, Unit::Celsius))) {
                return $months;
            }
        }

        return null;
    }

    public static function leastWith(Quantity $fuel): Quantity
    {
        return $fuel->times(BigRational::of(self::OF_FUEL[0]));
    }

    public static function mostWith(Quantity $fuel): Quantity
    {
        return $fuel->times(BigRational::of(self::OF_FUEL[1]));
    }
}
