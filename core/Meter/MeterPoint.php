<?php

declare(strict_types=1);

namespace JadeLedger\Core\Meter;

use JadeLedger\Core\Quantity\Quantity;

/** What a machine had run in all, by every meter that it had, at a moment. */
final readonly class MeterPoint
{
    public function __construct(public \DateTimeImmutable $at, public Quantity $hours)
    {
    }
}
