<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading;

use JadeLedger\Core\Quantity\Quantity;

/** What an instrument can show: from where to where, and in which steps. */
final readonly class Scale
{
    /** @param  string  $step in the unit of the ends, as a decimal */
    public function __construct(public Drawn $drawn, public Quantity $low, public Quantity $high, public string $step)
    {
    }
}
