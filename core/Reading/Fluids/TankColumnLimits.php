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

/** A tube or a bottle wall with Min and Max; millimetres or litres from its foot. */
final readonly class TankColumnLimits implements HoldsFluid
{
    /** @param  Need  $need what a level under Min means for the machine */
    public function __construct(
        public LevelMarks $marks,
        public Fluid $fluid,
        public Need $need,
        private Source $source,
    ) {
    }

    /**
     * How finely it is read, in its own unit: a tank of a few litres by tenths, a large one by whole litres. Common
     * practice, no source.
     */
    public function step(): string
    {
        $highest = $this->marks->highest;

        return match (true) {
            $highest->unit !== Unit::Litre => '1',
            $highest->isLessThan(Quantity::of('30', Unit::Litre)) => '0.1',
            $highest->isLessThan(Quantity::of('60', Unit::Litre)) => '0.5',
            default => '1',
        };
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
        return new InstrumentRange(Quantity::zero($this->unit()), $this->marks->highest);
    }

    public function drawing(): Drawing
    {
        return Drawing::tankColumn($this->marks, $this->step(), $this->fluid);
    }

    public function judge(Observation $observation): Verdict
    {
        return (new TankColumnReading($this))->judge($observation->value);
    }
}
