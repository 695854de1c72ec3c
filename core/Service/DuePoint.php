<?php

declare(strict_types=1);

namespace JadeLedger\Core\Service;

use JadeLedger\Core\Quantity\Quantity;

/** A point of a machine, and how far off it is today. */
final readonly class DuePoint
{
    /**
     * @param DueAt|null $due none where it was never recorded
     * @param Quantity|null $hoursLeft negative where it is past
     * @param int|null $daysLeft by its own calendar, negative where it is past
     * @param LikelyDay|null $likely when use will meet its hours
     * @param int|null $hiresLeft that it may still go on, where hires count
     * @param After|null $because what happened since it was done, where that makes it due
     */
    public function __construct(
        public ServicePoint $point,
        public ?WorkDone $last,
        public ?DueAt $due,
        public ?Quantity $hoursLeft,
        public ?int $daysLeft,
        public ?LikelyDay $likely,
        public DueState $state,
        public ?int $hiresLeft = null,
        public ?After $because = null,
    ) {
    }

    /** Whether it is due whatever the hours and the calendar say. */
    public function isDueByItself(): bool
    {
        return $this->because !== null || ($this->hiresLeft !== null && $this->hiresLeft <= 0);
    }

    /** Days until it is due as far as is known, by use or by the calendar, whichever comes first. */
    public function days(): ?int
    {
        $known = array_filter(
            [$this->daysLeft, $this->likely?->likely],
            static fn (?int $days): bool => $days !== null,
        );

        return $known === [] ? null : min($known);
    }
}
