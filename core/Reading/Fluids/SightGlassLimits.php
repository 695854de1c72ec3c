<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading\Fluids;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Reading\Drawing;
use JadeLedger\Core\Reading\InstrumentRange;
use JadeLedger\Core\Reading\Observation;
use JadeLedger\Core\Source\Source;
use JadeLedger\Core\Verdict\Verdict;

/** A round glass in a tank wall; millimetres from the foot of the glass. */
final readonly class SightGlassLimits implements HoldsFluid
{
    public function __construct(
        public Quantity $diameter,
        public LevelMarks $marks,
        public Fluid $fluid,
        private Source $source,
    ) {
    }

    public function fluid(): Fluid
    {
        return $this->fluid;
    }

    public function source(): Source
    {
        return $this->source;
    }

    public function unit(): Unit
    {
        return $this->marks->add->unit;
    }

    public function range(): InstrumentRange
    {
        return new InstrumentRange(Quantity::zero(Unit::Millimetre), $this->diameter);
    }

    public function drawing(): Drawing
    {
        return Drawing::sightGlass($this->marks, $this->diameter, $this->fluid);
    }

    public function judge(Observation $observation): Verdict
    {
        return (new SightGlassReading($this))->judge($observation->value);
    }
}
