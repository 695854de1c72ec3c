<?php

declare(strict_types=1);

namespace JadeLedger\Core\Carry;

use JadeLedger\Core\Paper\CalendarDate;
use JadeLedger\Core\Walk\PlannedLine;

/** Whether a line of a checkout stands from the walk before, and if not, why. */
final readonly class LineCarried
{
    private function __construct(
        public PlannedLine $line,
        public ?EarlierAnswer $from,
        public ?CalendarDate $until,
        public ?WhyNotCarried $why,
        public ?ChangeKind $change,
    ) {
    }

    /** @param  CalendarDate  $until  the last day on which it stands */
    public static function stands(PlannedLine $line, EarlierAnswer $from, CalendarDate $until): self
    {
        return new self($line, $from, $until, null, null);
    }

    public static function open(PlannedLine $line, WhyNotCarried $why): self
    {
        return new self($line, null, null, $why, null);
    }

    public static function changed(PlannedLine $line, ChangeKind $by): self
    {
        return new self($line, null, null, WhyNotCarried::Changed, $by);
    }

    public function isCarried(): bool
    {
        return $this->from !== null;
    }
}
