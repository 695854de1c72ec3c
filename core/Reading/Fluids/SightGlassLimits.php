<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading\Fluids;

use JadeLedger\Core\Catalogue\Source;
use JadeLedger\Core\Quantity\Quantity;

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
}
