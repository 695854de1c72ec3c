<?php

declare(strict_types=1);

namespace JadeLedger\Core\Briefing;

use JadeLedger\Core\Catalogue\BriefingStep;
use JadeLedger\Core\Catalogue\SignalWord;
use JadeLedger\Core\Catalogue\SiteAnswer;

/** Where a machine will be and when: what decides which steps are told of it, as far as anybody said. */
final readonly class Stay
{
    /**
     * @param array<string, SiteAnswer> $site what was said of the place, by question
     * @param list<int> $months of the year, 1 to 12
     */
    private function __construct(public array $site, public array $months)
    {
    }

    /** Of which nothing is known: any place, any time of the year. */
    public static function anywhere(): self
    {
        return self::at([]);
    }

    /** @param  array<string, SiteAnswer>  $site */
    public static function at(array $site): self
    {
        return new self($site, range(1, 12));
    }

    /**
     * From one month to another, both of them counted; a stay of a year or more has them all.
     *
     * @param int $firstMonth months since the year 0: 12 * year + month - 1
     * @param int $lastMonth the same, not before the first
     */
    public function during(int $firstMonth, int $lastMonth): self
    {
        $months = range($firstMonth, min($lastMonth, $firstMonth + 11));

        return new self($this->site, array_map(static fn (int $month): int => $month % 12 + 1, $months));
    }

    /**
     * Whether a step is left out. What kills is told whatever anybody says of the place, and in every month; what
     * somebody said of the place counts more than the calendar.
     */
    public function rulesOut(BriefingStep $step, SeasonRule $seasons): bool
    {
        if ($step->level === SignalWord::Danger) {
            return false;
        }
        $said = $step->site === null ? null : $this->site[$step->site] ?? null;

        return match ($said) {
            SiteAnswer::No => true,
            SiteAnswer::Yes, SiteAnswer::Unknown => false,
            null => $step->season !== null && ! $seasons->touches($step->season, $this->months),
        };
    }
}
