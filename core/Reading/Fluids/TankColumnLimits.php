<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading\Fluids;

use JadeLedger\Core\Catalogue\Source;
use JadeLedger\Core\Reading\Limits;

/** A tube or a bottle wall with Min and Max; millimetres or litres from its foot. */
final readonly class TankColumnLimits implements Limits
{
    /** @param  Need  $need what a level under Min means for the machine */
    public function __construct(
        public LevelMarks $marks,
        public Fluid $fluid,
        public Need $need,
        private Source $source,
    ) {
    }

    public function source(): Source
    {
        return $this->source;
    }
}
