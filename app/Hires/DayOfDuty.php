<?php

declare(strict_types=1);

namespace App\Hires;

use App\Yards\CurrentYard;
use Carbon\CarbonImmutable;
use Carbon\CarbonInterface;
use JadeLedger\Core\Paper\CalendarDate;

/** The day of a daily list: a night shift ends it, not midnight. The hour is our own choice. */
final readonly class DayOfDuty
{
    private const BEGINS_AT_HOUR = 4;

    public function __construct(private CurrentYard $yard)
    {
    }

    public function of(CarbonInterface $moment): CalendarDate
    {
        return CalendarDate::parse($this->begun($moment)->format('Y-m-d'));
    }

    /** When its ticks are cleared, on the yard's clock. */
    public function endOf(CarbonInterface $moment): CarbonImmutable
    {
        return $this->begun($moment)->addDay();
    }

    /** The last time that the yard's clock showed the hour, whatever was done to the clock in between. */
    private function begun(CarbonInterface $moment): CarbonImmutable
    {
        $local = CarbonImmutable::instance($moment)->setTimezone($this->yard->timezone());
        $today = $local->setTime(self::BEGINS_AT_HOUR, 0);

        return $local->lessThan($today) ? $today->subDay() : $today;
    }
}
