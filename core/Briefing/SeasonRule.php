<?php

declare(strict_types=1);

namespace JadeLedger\Core\Briefing;

use JadeLedger\Core\Catalogue\Season;
use JadeLedger\Core\Equipment\Features;
use JadeLedger\Core\Paper\CalendarDate;

/** In which months a yard counts on frost and on heat. The house rule says which; common practice, no source. */
enum SeasonRule
{
    /** Nobody said where on the earth the yard lies: both, all year round. */
    case AllYear;
    case North;
    case South;

    public static function of(Features $features): self
    {
        return match (true) {
            $features->has('rule_seasons_north') => self::North,
            $features->has('rule_seasons_south') => self::South,
            default => self::AllYear,
        };
    }

    /** @param  list<int>  $months of the hire, 1 to 12 */
    public function touches(Season $season, array $months): bool
    {
        return array_intersect($this->monthsOf($season), $months) !== [];
    }

    /**
     * The first day of the last time of frost that has begun. Where nobody said where the yard lies it begins twice a
     * year: once too often is the careful side.
     */
    public function frostBegan(CalendarDate $today): CalendarDate
    {
        $months = match ($this) {
            self::AllYear => [11, 5],
            self::North => [11],
            self::South => [5],
        };
        $began = [];
        foreach ([$today->year, $today->year - 1] as $year) {
            foreach ($months as $month) {
                $began[] = CalendarDate::parse(sprintf('%04d-%02d-01', $year, $month));
            }
        }
        usort($began, static fn (CalendarDate $a, CalendarDate $b): int => $b->text() <=> $a->text());
        foreach ($began as $day) {
            if (! $today->isBefore($day)) {
                return $day;
            }
        }

        return $began[count($began) - 1];
    }

    /** @return list<int> */
    private function monthsOf(Season $season): array
    {
        return match ($this) {
            self::AllYear => range(1, 12),
            self::North => $season === Season::Frost ? [11, 12, 1, 2, 3] : [6, 7, 8],
            self::South => $season === Season::Frost ? [5, 6, 7, 8, 9] : [12, 1, 2],
        };
    }
}
