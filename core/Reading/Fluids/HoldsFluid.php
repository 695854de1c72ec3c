<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading\Fluids;

use JadeLedger\Core\Reading\Limits;

/** Limits of an instrument behind which a fluid stands that can be topped up. */
interface HoldsFluid extends Limits
{
    public function fluid(): Fluid;
}
