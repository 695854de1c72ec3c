<?php

declare(strict_types=1);

namespace JadeLedger\Core\Telematics;

use JadeLedger\Core\Quantity\Quantity;

/** What a counter had counted at a moment. */
final readonly class TimedHours
{
    public function __construct(public Quantity $hours, public \DateTimeImmutable $at)
    {
    }
}
