<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Presenters\WrittenDate;
use App\Words;
use App\Yards\CurrentYard;
use Carbon\CarbonImmutable;
use JadeLedger\Core\Paper\CalendarDate;
use JadeLedger\Core\Paper\NotADate;

/** What is told of a day that is past: noon of that day on the yard's clock, and never a day to come. */
final readonly class PastDay
{
    public function __construct(private CurrentYard $yard)
    {
    }

    /**
     * @param string|null $on year, month and day; none for the moment of the entry
     *
     * @throws ApiProblem on a day that there is not, or that is still to come
     */
    public function noonOf(?string $on, CarbonImmutable $recordedAt): CarbonImmutable
    {
        $today = $recordedAt->setTimezone($this->yard->timezone())->format('Y-m-d');
        if ($on === null || $on === $today) {
            return $recordedAt;
        }
        try {
            $day = CalendarDate::parse($on);
        } catch (NotADate) {
            throw ApiProblem::because(
                ProblemName::NoSuchDay,
                422,
                ['date' => $on],
                ['on' => [Words::say('problems.no_such_day.title')]],
            );
        }
        if (CalendarDate::parse($today)->isBefore($day)) {
            throw ApiProblem::because(
                ProblemName::DayToCome,
                422,
                ['day' => WrittenDate::day($day)],
                ['on' => [Words::say('problems.day_to_come.title')]],
            );
        }

        return CarbonImmutable::parse("{$on} 12:00", $this->yard->timezone())->utc();
    }
}
