<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Ground;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/** Mean pressure of a crawler on the ground. Source: physics, p = m g / (2 b L); ISO 16754 says how L is measured. */
final readonly class TrackPressure
{
    private const STANDARD_GRAVITY = '980665/100000';

    public static function of(Quantity $mass, Quantity $shoeWidth, Quantity $contactLength): Quantity
    {
        $newtons = $mass->ratioTo(Quantity::of(1, Unit::Kilogram))->multipliedBy(self::STANDARD_GRAVITY);
        $area = $shoeWidth->ratioTo(Quantity::of(1, Unit::Metre))
            ->multipliedBy($contactLength->ratioTo(Quantity::of(1, Unit::Metre)))->multipliedBy(2);

        return Quantity::of($newtons->dividedBy($area)->simplified(), Unit::Pascal)->in(Unit::Kilopascal);
    }
}
