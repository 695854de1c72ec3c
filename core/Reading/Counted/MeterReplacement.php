<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading\Counted;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/**
 * An hour meter gave way to another one: what the machine has run goes on from where the old one stopped.
 *
 * Hours in all = shown hours + the offsets of every meter that was taken off. Common practice, no source.
 */
final readonly class MeterReplacement
{
    /**
     * @param Quantity $countedTo hours that the old meter is taken to have reached
     * @param Quantity $began hours that the new meter showed when it was put on
     * @param bool $isEstimated the old meter could not be read: it counts to the last reading that is known
     */
    private function __construct(
        public Quantity $countedTo,
        public Quantity $began,
        public bool $isEstimated,
    ) {
    }

    /** @throws OldMeterContradicted when the old meter cannot have shown that */
    public static function read(HourMeterReading $check, Quantity $removed, Quantity $began): self
    {
        $verdict = $check->judge($removed);
        if ($verdict->isDisputed) {
            throw new OldMeterContradicted($verdict->reason);
        }

        return new self($removed, $began, false);
    }

    /** @param  Quantity|null  $lastKnown  none: the machine was never read, and begins to count with the new meter */
    public static function unreadable(?Quantity $lastKnown, Quantity $began): self
    {
        return new self($lastKnown ?? $began, $began, true);
    }

    /** Hours to be added to what the new meter shows. */
    public function offset(): Quantity
    {
        return $this->countedTo->in(Unit::Hour)->minus($this->began->in(Unit::Hour));
    }
}
