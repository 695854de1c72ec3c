<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading\Fluids;

use JadeLedger\Core\Quantity\Quantity;

/** The liquid behind an instrument: its name on the can, how much one unit of the scale holds, how long it settles. */
final readonly class Fluid
{
    /** @param  Quantity  $perUnit volume that raises the level by one unit of the scale */
    public function __construct(public string $name, public Quantity $perUnit, public int $settleMinutes)
    {
    }
}
