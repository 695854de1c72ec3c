<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Fluids;

use JadeLedger\Core\Quantity\Figure;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/**
 * Boiling point of water under a pressure, between 99 and 374 °C. A hot system is never opened.
 *
 * Source: Antoine equation; within 0.2 °C of the saturation line of IAPWS-IF97.
 */
final readonly class BoilingPoint
{
    private const KILOPASCAL_OF_A_MILLIMETRE = 0.133_322_387_4;

    private const DEGREES_A_PSI = 3;

    public static function ofWater(Quantity $absolute): Quantity
    {
        $millimetres = Figure::float($absolute, Unit::Kilopascal) / self::KILOPASCAL_OF_A_MILLIMETRE;

        return Figure::of(1810.94 / (8.14019 - log10($millimetres)) - 244.485, Unit::Celsius);
    }

    /** Rule of the workshop: each psi of the cap raises it by 3 °F; good to about 5 °F. Source: workshop handbooks. */
    public static function underCap(Quantity $open, Quantity $cap): Quantity
    {
        $rise = $cap->ratioTo(Quantity::of(1, Unit::PoundForcePerSquareInch))->multipliedBy(self::DEGREES_A_PSI);

        return $open->in(Unit::Fahrenheit)->plus(Quantity::of($rise->simplified(), Unit::Fahrenheit));
    }
}
