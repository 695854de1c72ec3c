<?php

declare(strict_types=1);

namespace JadeLedger\Core\Meter;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/** The last hour meter reading that is known, and how long ago it was taken. */
final readonly class MeterHistory
{
    private function __construct(public ?Quantity $last, public ?Quantity $elapsed)
    {
    }

    public static function none(): self
    {
        return new self(null, null);
    }

    public static function of(Quantity $last, \DateTimeImmutable $takenAt, \DateTimeImmutable $now): self
    {
        $seconds = max(0, $now->getTimestamp() - $takenAt->getTimestamp());

        return new self($last, Quantity::of($seconds, Unit::Second));
    }
}
