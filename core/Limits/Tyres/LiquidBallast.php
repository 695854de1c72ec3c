<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Tyres;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/**
 * Mass of the liquid in a tyre that is filled to three quarters. Source: tyre makers' practice, from memory, to be
 * confirmed.
 */
final readonly class LiquidBallast
{
    private const FILLED = '75/100';

    public static function mass(Quantity $volume, Quantity $density): Quantity
    {
        $cubicMetres = $volume->ratioTo(Quantity::of(1, Unit::CubicMetre))->multipliedBy(self::FILLED);

        return Quantity::of(
            $cubicMetres->multipliedBy($density->ratioTo(Quantity::of(1, Unit::KilogramPerCubicMetre)))->simplified(),
            Unit::Kilogram,
        );
    }
}
