<?php

declare(strict_types=1);

namespace JadeLedger\Core\Carry;

use JadeLedger\Core\Check\Check;
use JadeLedger\Core\Paper\CalendarDate;
use JadeLedger\Core\Quantity\Quantity;

/** What was seen at a line on the walk before, and found as it should be. */
final readonly class EarlierAnswer
{
    /**
     * @param string $entryId of the entry that says so
     * @param int $sequence of that entry in the chain of the machine
     * @param CalendarDate $day on which it was recorded, in the yard's zone
     * @param Check $check as the catalogue had it then
     * @param Quantity|null $read what an instrument showed, or how many were counted; none of a look
     * @param bool $isJudgedAsNow whether the limits of the model are still those by which it was judged
     */
    public function __construct(
        public string $entryId,
        public int $sequence,
        public CalendarDate $day,
        public Check $check,
        public ?Quantity $read = null,
        private bool $isJudgedAsNow = true,
    ) {
    }

    /** Whether it answers what is asked now: the same words, and within the same limits. */
    public function answers(Check $now): bool
    {
        return $this->isJudgedAsNow && $now->asksTheSameAs($this->check);
    }
}
