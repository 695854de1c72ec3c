<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Words;
use Carbon\CarbonImmutable;
use Carbon\CarbonInterface;

/**
 * When something may be said to have happened: not before its walk was opened, and not after now, with a tolerance for
 * clocks that are a little off.
 */
final class EntryClock
{
    /** Common practice, no source. */
    public const TOLERANCE_MINUTES = 10;

    /**
     * A clock that is further off than this is put right, but what it says decides nothing until the lead has looked.
     */
    public const LARGEST_CORRECTION_HOURS = 12;

    /** An opening that was kept for longer than this is told to the lead, not to the ledger. */
    public const OLDEST_OPENING_DAYS = 14;

    /** @throws ApiProblem */
    public static function mustFit(CarbonImmutable $recordedAt, CarbonInterface $openedAt): void
    {
        self::mustNotBeAhead($recordedAt);
        if ($recordedAt->addMinutes(self::TOLERANCE_MINUTES) < $openedAt) {
            throw ApiProblem::because(
                ProblemName::BeforeTheOpening,
                422,
                [],
                ['recorded_at' => [Words::say('problems.before_the_opening.title')]],
            );
        }
    }

    /** @throws ApiProblem */
    public static function openingMustFit(CarbonImmutable $recordedAt, ?CarbonInterface $lastOfMachine): void
    {
        self::mustNotBeAhead($recordedAt);
        $earliest = CarbonImmutable::now()->subDays(self::OLDEST_OPENING_DAYS);
        $last = $lastOfMachine?->toImmutable()->subMinutes(self::TOLERANCE_MINUTES);
        if ($recordedAt->lessThan($last === null ? $earliest : $earliest->max($last))) {
            throw ApiProblem::because(
                ProblemName::OpeningTooEarly,
                422,
                ['days' => self::OLDEST_OPENING_DAYS],
                ['recorded_at' => [Words::say('problems.opening_too_early.title')]],
            );
        }
    }

    /**
     * What is posted to a machine, a hire or the yard: not later than now, and no older than an opening may be.
     *
     * @throws ApiProblem
     */
    public static function mustBeRecent(CarbonImmutable $recordedAt): void
    {
        self::mustNotBeAhead($recordedAt);
        if ($recordedAt->lessThan(CarbonImmutable::now()->subDays(self::OLDEST_OPENING_DAYS))) {
            throw ApiProblem::because(
                ProblemName::RecordedTooEarly,
                422,
                ['days' => self::OLDEST_OPENING_DAYS],
                ['recorded_at' => [Words::say('problems.recorded_too_early.title')]],
            );
        }
    }

    private static function mustNotBeAhead(CarbonImmutable $recordedAt): void
    {
        if ($recordedAt->greaterThan(CarbonImmutable::now()->addMinutes(self::TOLERANCE_MINUTES))) {
            throw ApiProblem::because(
                ProblemName::ClockRunsAhead,
                422,
                [],
                ['recorded_at' => [Words::say('problems.clock_runs_ahead.title')]],
            );
        }
    }
}
