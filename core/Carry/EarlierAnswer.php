<?php

declare(strict_types=1);

namespace JadeLedger\Core\Carry;

use JadeLedger\Core\Check\Check;
use JadeLedger\Core\Paper\CalendarDate;

/** What was seen at a line on the walk before, and found as it should be. */
final readonly class EarlierAnswer
{
    /**
     * @param string $entryId of the entry that says so
     * @param int $sequence of that entry in the chain of the machine
     * @param CalendarDate $day on which it was recorded, in the yard's zone
     * @param Check $check as the catalogue had it then
     */
    public function __construct(
        public string $entryId,
        public int $sequence,
        public CalendarDate $day,
        public Check $check,
    ) {
    }
}
