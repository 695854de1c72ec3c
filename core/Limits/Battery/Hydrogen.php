<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Battery;

use JadeLedger\Core\Quantity\Figure;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/**
 * Hydrogen that a lead-acid battery gives off once it is full, and the air that has to carry it away.
 *
 * Source: Faraday's law, at 0 °C and 101.325 kPa; EN 62485-3, from memory, to be confirmed, for the air.
 */
final readonly class Hydrogen
{
    private const FARADAY = 96_485.332_123;

    private const MOLAR_LITRES = 22.413_969_5;

    private const SECONDS_OF_AN_HOUR = 3600;

    /** Cubic metres an hour for each cell and ampere of gassing current. */
    private const AIR = '5/100';

    public static function given(int $cells, Quantity $overcharge): Quantity
    {
        $moles = $cells * Figure::float($overcharge, Unit::AmpereHour) * self::SECONDS_OF_AN_HOUR / (2 * self::FARADAY);

        return Figure::of($moles * self::MOLAR_LITRES, Unit::Litre);
    }

    /** Litres of air in an hour. */
    public static function air(int $cells, Quantity $gassing): Quantity
    {
        $cubicMetres = $gassing->ratioTo(Quantity::of(1, Unit::Ampere))->multipliedBy(self::AIR)->multipliedBy($cells);

        return Quantity::of($cubicMetres->multipliedBy(1000)->simplified(), Unit::LitrePerHour);
    }
}
