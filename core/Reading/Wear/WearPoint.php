<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading\Wear;

use JadeLedger\Core\Quantity\Quantity;

/** One reading of something that wears, and what the hour meter said at that time. */
final readonly class WearPoint
{
    public function __construct(public Quantity $hours, public Quantity $value)
    {
    }
}
