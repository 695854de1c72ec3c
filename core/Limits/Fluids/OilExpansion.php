<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Fluids;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/**
 * How much mineral oil grows when it gets warm, and by how much its level rises. Hot and cold levels are not compared.
 *
 * Source: 0.0007 for each degree Celsius, from memory, to be confirmed (0.00063 to 0.0008).
 */
final readonly class OilExpansion
{
    private const PER_DEGREE = '7/10000';

    private function __construct(public Quantity $volume)
    {
    }

    public static function of(Quantity $volume, Quantity $from, Quantity $to): self
    {
        $degrees = $to->in(Unit::Kelvin)->minus($from->in(Unit::Kelvin))->ratioTo(Quantity::of(1, Unit::Kelvin));

        return new self($volume->times($degrees->multipliedBy(self::PER_DEGREE)->simplified()));
    }

    /** @param  Quantity  $plan area of a tank with straight sides, seen from above */
    public function risesBy(Quantity $plan): Quantity
    {
        $metres = $this->volume->ratioTo(Quantity::of(1, Unit::CubicMetre))
            ->dividedBy($plan->ratioTo(Quantity::of(1, Unit::SquareMetre)));

        return Quantity::of($metres->simplified(), Unit::Metre)->in(Unit::Millimetre);
    }
}
