<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading\Fluids;

use JadeLedger\Core\Catalogue\Source;

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
}
