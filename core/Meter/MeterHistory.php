<?php

declare(strict_types=1);

namespace JadeLedger\Core\Meter;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Telematics\TimedHours;

/** The last hour meter reading that is known, and how long ago it was taken. */
final readonly class MeterHistory
{
    /**
     * @param TimedHours|null $reported what the machine reported of itself, on the scale of this meter
     * @param \DateTimeImmutable|null $now when the meter is read
     */
    private function __construct(
        public ?Quantity $last,
        public ?Quantity $elapsed,
        public ?TimedHours $reported = null,
        public ?\DateTimeImmutable $now = null,
    ) {
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

    public function beside(TimedHours $reported, \DateTimeImmutable $now): self
    {
        return new self($this->last, $this->elapsed, $reported, $now);
    }
}
