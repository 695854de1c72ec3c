<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Sheet;

use JadeLedger\Core\Quantity\Unit;

/** What somebody typed, in the unit that they typed it in. */
final readonly class Entered
{
    public function __construct(public string $value, public ?Unit $unit = null)
    {
    }
}
