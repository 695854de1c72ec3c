<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Fluids;

use Brick\Math\BigRational;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/** What a volume of fuel weighs, by the least and the greatest density that its standard allows. */
final readonly class FuelMass
{
    private function __construct(public Quantity $least, public Quantity $most)
    {
    }

    public static function between(BigRational $litres, string $least, string $most): self
    {
        return new self(
            Quantity::of($litres->multipliedBy($least)->simplified(), Unit::Kilogram),
            Quantity::of($litres->multipliedBy($most)->simplified(), Unit::Kilogram),
        );
    }
}
