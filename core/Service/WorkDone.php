<?php

declare(strict_types=1);

namespace JadeLedger\Core\Service;

use JadeLedger\Core\Paper\CalendarDate;
use JadeLedger\Core\Quantity\Quantity;

/** That a point was done: on which day, at how many hours, and for when it had been due. */
final readonly class WorkDone
{
    /**
     * @param Quantity|null $hours in all, by every meter that the machine had; none where the meter was not read
     * @param Quantity|null $wasDueAt hours, where it was due by use
     * @param \DateTimeImmutable|null $at when, where more is known than the day
     */
    public function __construct(
        public string $point,
        public CalendarDate $on,
        public ?Quantity $hours,
        public ?Quantity $wasDueAt = null,
        public ?CalendarDate $wasDueOn = null,
        public ?\DateTimeImmutable $at = null,
    ) {
    }

    /** Noon of its day, where no more is known. */
    public function moment(): \DateTimeImmutable
    {
        return $this->at ?? new \DateTimeImmutable($this->on->text().' 12:00:00', new \DateTimeZone('UTC'));
    }

    public function isAfter(self $other): bool
    {
        if ($this->on->text() !== $other->on->text()) {
            return $other->on->isBefore($this->on);
        }

        return $this->hours !== null && ($other->hours === null || $this->hours->isGreaterThan($other->hours));
    }
}
