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
        return self::under($mass, $shoeWidth->times(2), $contactLength);
    }

    /** What a mass presses on the patch that it stands on. */
    public static function under(Quantity $mass, Quantity $width, Quantity $length): Quantity
    {
        $newtons = $mass->ratioTo(Quantity::of(1, Unit::Kilogram))->multipliedBy(self::STANDARD_GRAVITY);
        $area = $width->ratioTo(Quantity::of(1, Unit::Metre))
            ->multipliedBy($length->ratioTo(Quantity::of(1, Unit::Metre)));

        return Quantity::of($newtons->dividedBy($area)->simplified(), Unit::Pascal)->in(Unit::Kilopascal);
    }
}
