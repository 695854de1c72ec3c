<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Tyres;

use Brick\Math\BigRational;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/**
 * Pressure of the same air in a tyre at another temperature. Not for tyres with liquid in them.
 *
 * Source: Gay-Lussac's law, with absolute pressure and temperature.
 */
final readonly class TyreTemperature
{
    private const ATMOSPHERE = '101325/1000';

    public static function pressureAt(Quantity $gauge, Quantity $from, Quantity $to): Quantity
    {
        $atmosphere = Quantity::of(BigRational::of(self::ATMOSPHERE), Unit::Kilopascal);
        $absolute = $atmosphere->plus($gauge);

        return $absolute->times($to->in(Unit::Kelvin)->ratioTo($from->in(Unit::Kelvin)))->minus($atmosphere);
    }
}
