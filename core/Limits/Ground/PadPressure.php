<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Ground;

use JadeLedger\Core\Quantity\Figure;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/**
 * What an outrigger, a wheel or a leg presses on the ground through a plate, and how large the plate has to be.
 *
 * The ground has to be stated by somebody who knows it: nothing is assumed of it. Source: physics, p = F / A.
 */
final readonly class PadPressure
{
    /**
     * @param Quantity $load force on the plate
     * @param Quantity $side of a square plate
     */
    public function __construct(private Quantity $load, private Quantity $side)
    {
    }

    public function pressure(): Quantity
    {
        $newtons = $this->load->ratioTo(Quantity::of(1, Unit::Newton));
        $side = $this->side->ratioTo(Quantity::of(1, Unit::Metre));

        return Quantity::of($newtons->dividedBy($side->multipliedBy($side))->simplified(), Unit::Pascal)->in(
            Unit::Kilopascal,
        );
    }

    public function isWithin(Quantity $allowable): bool
    {
        return ! $this->pressure()->isGreaterThan($allowable);
    }

    /** The least side of a square plate. */
    public static function neededSide(Quantity $load, Quantity $allowable): Quantity
    {
        return Figure::of(
            sqrt(Figure::float($load, Unit::Newton) / Figure::float($allowable, Unit::Pascal)),
            Unit::Metre,
        );
    }
}
