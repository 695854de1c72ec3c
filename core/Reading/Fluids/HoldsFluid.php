<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading\Fluids;

use JadeLedger\Core\Reading\Instrument;

/** An instrument behind which a fluid stands that can be topped up. */
interface HoldsFluid extends Instrument
{
    public function fluid(): Fluid;
}
