<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Power;

use JadeLedger\Core\Quantity\Quantity;

/** A load that a generator carries for a time. */
final readonly class LoadStep
{
    public function __construct(public Quantity $power, public Quantity $time)
    {
    }
}
