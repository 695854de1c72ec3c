<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Power;

use Brick\Math\BigRational;
use JadeLedger\Core\Quantity\Figure;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/** Apparent power and current of a load. Source: theory of alternating current. */
final readonly class GeneratorLoad
{
    /**
     * @param BigRational $powerFactor above 0, at most 1
     * @param int $phases 1, or 3 with the voltage between two of them
     */
    public function __construct(
        private Quantity $power,
        private BigRational $powerFactor,
        private Quantity $voltage,
        private int $phases,
    ) {
    }

    public function apparent(): Quantity
    {
        $kilowatts = $this->power->ratioTo(Quantity::of(1, Unit::Kilowatt));

        return Quantity::of($kilowatts->dividedBy($this->powerFactor)->simplified(), Unit::Kilovoltampere);
    }

    public function current(): Quantity
    {
        $root = $this->phases === 3 ? sqrt(3.0) : 1.0;
        $voltAmperes = Figure::float($this->apparent(), Unit::Kilovoltampere) * 1000;

        return Figure::of($voltAmperes / ($root * Figure::float($this->voltage, Unit::Volt)), Unit::Ampere);
    }
}
