<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Platform;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/** A place beside a machine: how far out from the middle of its slew, and how far up from the ground. */
final readonly class ReachPoint
{
    public function __construct(public Quantity $out, public Quantity $up)
    {
    }

    public static function metres(string $out, string $up): self
    {
        return new self(Quantity::of($out, Unit::Metre), Quantity::of($up, Unit::Metre));
    }
}
