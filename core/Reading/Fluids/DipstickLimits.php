<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading\Fluids;

use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Reading\Drawing;
use JadeLedger\Core\Reading\InstrumentRange;
use JadeLedger\Core\Reading\Observation;
use JadeLedger\Core\Source\Source;
use JadeLedger\Core\Verdict\Verdict;

/** A blade with a cold face and, on some, a hot face; millimetres from the Add mark of the cold face. */
final readonly class DipstickLimits implements HoldsFluid
{
    public function __construct(
        public LevelMarks $cold,
        public ?LevelMarks $hot,
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

    public function marks(Face $face): ?LevelMarks
    {
        return $face === Face::Cold ? $this->cold : $this->hot;
    }

    public function unit(): Unit
    {
        return $this->cold->add->unit;
    }

    public function range(): InstrumentRange
    {
        return new InstrumentRange($this->cold->lowest, $this->hot->highest ?? $this->cold->highest);
    }

    public function drawing(): Drawing
    {
        return Drawing::dipstick($this->cold, $this->hot, $this->fluid);
    }

    public function judge(Observation $observation): Verdict
    {
        return (new DipstickReading($this, $observation->face ?? Face::Cold))->judge($observation->value);
    }
}
