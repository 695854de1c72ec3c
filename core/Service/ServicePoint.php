<?php

declare(strict_types=1);

namespace JadeLedger\Core\Service;

use JadeLedger\Core\Check\Severity;
use JadeLedger\Core\Equipment\Applicability;
use JadeLedger\Core\Meter\Meter;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Source\Source;

/** Work on a machine that comes back by use or by the calendar. */
final readonly class ServicePoint
{
    /**
     * @param string $brief how it is called where there is little room
     * @param string $do how it is done, in the trade's general words
     * @param Severity $severity what follows when it is overdue: a stop holds the machine
     * @param Quantity $tolerance hours by which it may be late or early
     * @param list<string> $contains points that are done with it
     * @param list<string> $places where on the machine, as for checks
     * @param list<KitItem> $kit
     * @param list<GreaseSpot> $spots of all machines that have the point
     * @param list<After> $after what makes it due whenever it happens
     * @param Meter $meter that its hours are counted by
     * @param Quantity|null $until hours of a new machine, after which there is no such point any more
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $brief,
        public string $do,
        public Applicability $applies,
        public Interval $every,
        public CountsFrom $counts,
        public Severity $severity,
        public Quantity $tolerance,
        public DoneBy $doneBy,
        public array $contains,
        public array $places,
        public array $kit,
        public Source $source,
        public array $spots = [],
        public array $after = [],
        public Meter $meter = Meter::Main,
        public ?Quantity $until = null,
    ) {
    }

    /** Whether there is such a point on a machine with these hours; where nobody knows them, only what has no end. */
    public function isOn(?Quantity $hours): bool
    {
        return $this->until === null || ($hours !== null && $hours->isLessThan($this->until));
    }

    /** The same point, coming back as somebody else says. */
    public function every(Interval $every, Source $source): self
    {
        // @phpstan-ignore argument.type (its own members)
        return new self(...['every' => $every, 'source' => $source] + get_object_vars($this));
    }
}
