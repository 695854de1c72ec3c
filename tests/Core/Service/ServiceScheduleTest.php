<?php

declare(strict_types=1);

namespace Tests\Core\Service;

use JadeLedger\Core\Check\Severity;
use JadeLedger\Core\Equipment\Applicability;
use JadeLedger\Core\Equipment\Features;
use JadeLedger\Core\Paper\CalendarDate;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Service\CountsFrom;
use JadeLedger\Core\Service\DoneBy;
use JadeLedger\Core\Service\DueAt;
use JadeLedger\Core\Service\DuePoint;
use JadeLedger\Core\Service\DueState;
use JadeLedger\Core\Service\Interval;
use JadeLedger\Core\Service\IntervalIsEmpty;
use JadeLedger\Core\Service\Programme;
use JadeLedger\Core\Service\ProgrammeNestsInACircle;
use JadeLedger\Core\Service\ServicePoint;
use JadeLedger\Core\Service\ServiceSchedule;
use JadeLedger\Core\Service\WorkDone;
use JadeLedger\Core\Source\Source;
use JadeLedger\Core\Source\SourceKind;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class ServiceScheduleTest extends TestCase
{
    private const TODAY = '2026-12-01';

    public function test_a_point_is_due_by_use_or_by_the_calendar_whichever_comes_first(): void
    {
        $oil = self::point('oil', Interval::every(self::h(250), 6));
        $schedule = fn (string $on, int $done, int $now): DuePoint => self::schedule(
            [$oil],
            [self::done('oil', $on, $done)],
            $now,
        )[0];

        self::assertSame([DueState::Later, '250', 152], self::told($schedule('2026-11-02', 1000, 1000)));
        self::assertSame([DueState::Due, '0', 152], self::told($schedule('2026-11-02', 1000, 1250)));
        self::assertSame(
            [DueState::Due, '-25', 152],
            self::told($schedule('2026-11-02', 1000, 1275)),
            'within what it may be late by',
        );
        self::assertSame([DueState::Overdue, '-26', 152], self::told($schedule('2026-11-02', 1000, 1276)));
        self::assertSame([DueState::Due, '240', 0], self::told($schedule('2026-06-01', 1000, 1010)));
        self::assertSame([DueState::Overdue, '240', -1], self::told($schedule('2026-05-31', 1000, 1010)));
    }

    public function test_what_was_never_recorded_is_said_not_to_be_known(): void
    {
        $points = [self::point('oil', Interval::every(self::h(250))), self::point('belt', Interval::every(null, 12))];
        self::assertSame(
            [DueState::NotKnown, DueState::NotKnown],
            array_column(self::schedule($points, [], 1000), 'state'),
        );
        // A machine whose meter was never read: the calendar is known, the hours are not.
        $schedule = ServiceSchedule::of(
            Programme::of($points),
            [self::done('oil', '2026-11-01', 900), self::done('belt', '2026-11-01', 900)],
            null,
            self::day(self::TODAY),
            null,
        );
        self::assertSame(
            ['oil' => DueState::NotKnown, 'belt' => DueState::Later],
            array_column(
                array_map(static fn (DuePoint $one): array => [$one->point->id, $one->state], $schedule->points),
                1,
                0,
            ),
        );
    }

    public function test_early_or_late_moves_the_next_one_only_where_the_programme_counts_from_done(): void
    {
        $late = new WorkDone('oil', self::day('2026-11-01'), self::h(520), self::h(500));
        $next = fn (CountsFrom $from, WorkDone $done): ?string => DueAt::after(
            self::point('oil', Interval::every(self::h(250)), $from),
            $done,
        )->hours?->text();

        self::assertSame('770', $next(CountsFrom::Done, $late));
        self::assertSame('750', $next(CountsFrom::Due, $late));
        self::assertSame(
            '730',
            $next(CountsFrom::Done, new WorkDone('oil', self::day('2026-11-01'), self::h(480), self::h(500))),
        );
        self::assertSame(
            '750',
            $next(CountsFrom::Due, new WorkDone('oil', self::day('2026-11-01'), self::h(480), self::h(500))),
        );
        // So late that the one after it is past as well: it is not due again at once.
        self::assertSame(
            '1000',
            $next(CountsFrom::Due, new WorkDone('oil', self::day('2026-11-01'), self::h(760), self::h(500))),
        );
    }

    /** ISO 8601 calendar: the last day of a shorter month. */
    public function test_a_year_after_the_leap_day_is_the_last_of_february(): void
    {
        $due = DueAt::after(
            self::point('x', Interval::every(null, 12)),
            new WorkDone('x', self::day('2028-02-29'), null),
        );

        self::assertSame('2029-02-28', $due->on?->text());
    }

    public function test_a_larger_service_does_the_smaller_ones_and_takes_their_place(): void
    {
        $points = [
            self::point('250', Interval::every(self::h(250))),
            self::point('500', Interval::every(self::h(500)), contains: ['250']),
            self::point('1000', Interval::every(self::h(1000)), contains: ['500', 'not on this machine']),
        ];
        $ids = fn (array $work, int $now): array => array_map(
            static fn (DuePoint $one): string => $one->point->id,
            self::schedule($points, $work, $now),
        );

        self::assertSame(['250', '500', '1000'], $ids([self::done('1000', '2026-01-10', 1000)], 1000));
        // 1250 was done at 1250; at 1500 the 500 h service is due and the 250 h one is part of it.
        $work = [self::done('1000', '2026-01-10', 1000), self::done('250', '2026-04-01', 1250)];
        self::assertSame(['500', '1000'], $ids($work, 1490));
        self::assertSame(
            ['1000'],
            $ids([...$work, self::done('500', '2026-06-01', 1500), self::done('250', '2026-08-01', 1750)], 2005),
        );
    }

    public function test_points_that_contain_each_other_are_a_mistake(): void
    {
        try {
            Programme::of([
                self::point('a', Interval::every(self::h(1)), contains: ['b']),
                self::point('b', Interval::every(self::h(1)), contains: ['c']),
                self::point('c', Interval::every(self::h(1)), contains: ['a']),
            ]);
            self::fail('The circle is not seen.');
        } catch (ProgrammeNestsInACircle $mistake) {
            self::assertSame(['a', 'b', 'c', 'a'], $mistake->circle);
        }
    }

    public function test_an_interval_of_nothing_is_a_mistake(): void
    {
        $wrong = [[null, 0, 0], [self::h(0), 0, 0], [self::h(-5), 3, 0], [self::h(10), -1, 0], [null, 1, -1]];
        foreach ($wrong as [$hours, $months, $days]) {
            try {
                Interval::every($hours, $months, $days);
                self::fail('It is taken.');
            } catch (IntervalIsEmpty) {
                $this->addToAssertionCount(1);
            }
        }
    }

    public function test_the_laws_hold_for_random_programmes_and_histories(): void
    {
        $random = new Randomizer(new Mt19937(5));
        $seen = ['due' => 0, 'hidden' => 0];
        for ($round = 0; $round < 400; $round++) {
            $programme = self::programme($random);
            $work = [];
            for ($at = $random->getInt(0, 12); $at > 0; $at--) {
                $id = array_rand($programme->points);
                $hours = $random->getInt(0, 3_000);
                $work[] = new WorkDone(
                    (string) $id,
                    self::day('2024-01-15')->plusDays(intdiv($hours, 3)),
                    self::h($hours),
                    $random->getInt(0, 1) === 0 ? null : self::h($hours + $random->getInt(-40, 40)),
                );
            }
            $now = $random->getInt(3_000, 3_600);
            $today = self::day('2026-11-01');
            $schedule = ServiceSchedule::of($programme, $work, self::h($now), $today, null);
            foreach ($schedule->points as $at => $point) {
                $seen['due'] += $point->state->isDue() ? 1 : 0;
                // More use never puts anything off.
                $later = ServiceSchedule::of($programme, $work, self::h($now + 40), $today->plusDays(9), null);
                $same = self::named($later, $point->point->id);
                if ($same !== null && $point->state !== DueState::NotKnown) {
                    self::assertEquals($point->due, $same->due);
                    self::assertLessThanOrEqual($point->state->rank(), $same->state->rank());
                }
                // What is done today is not due today.
                $after = ServiceSchedule::of(
                    $programme,
                    [
                        ...$work,
                        new WorkDone($point->point->id, $today, self::h($now), $point->due?->hours, $point->due?->on),
                    ],
                    self::h($now),
                    $today,
                    null,
                );
                foreach ([$point->point->id, ...$programme->doneWith($point->point->id)] as $id) {
                    self::assertNotContains(
                        self::named($after, $id)?->state,
                        [DueState::Due, DueState::Overdue, DueState::NotKnown],
                        $id,
                    );
                }
                // Nothing is due twice: a point beside the larger one that is done with it.
                foreach (array_slice($schedule->points, $at + 1) as $other) {
                    $isNested = in_array($other->point->id, $programme->doneWith($point->point->id), true)
                        || in_array($point->point->id, $programme->doneWith($other->point->id), true);
                    self::assertFalse(
                        $isNested && $point->state->isDue() && $other->state->isDue()
                            && $point->due !== null && $other->due !== null,
                    );
                }
            }
            $seen['hidden'] += count($programme->points) - count($schedule->points);
        }
        self::assertGreaterThan(100, $seen['due']);
        self::assertGreaterThan(100, $seen['hidden']);
    }

    private static function named(ServiceSchedule $schedule, string $id): ?DuePoint
    {
        foreach ($schedule->points as $point) {
            if ($point->point->id === $id) {
                return $point;
            }
        }

        return null;
    }

    private static function programme(Randomizer $random): Programme
    {
        $points = [];
        for ($at = 0; $at < 6; $at++) {
            $inner = $at === 0 ? [] : array_map(
                static fn (int $key): string => "p{$key}",
                array_filter(range(0, $at - 1), static fn (): bool => $random->getInt(0, 2) === 0),
            );
            $points[] = self::point(
                "p{$at}",
                Interval::every(
                    $random->getInt(0, 3) === 0 ? null : self::h($random->getInt(10, 900)),
                    $random->getInt(1, 14),
                ),
                $random->getInt(0, 1) === 0 ? CountsFrom::Done : CountsFrom::Due,
                array_values($inner),
            );
        }

        return Programme::for($points, new Features([]));
    }

    /**
     * @param list<ServicePoint> $points
     * @param list<WorkDone> $work
     * @return list<DuePoint>
     */
    private static function schedule(array $points, array $work, int $hours): array
    {
        return ServiceSchedule::of(
            Programme::of($points),
            $work,
            self::h($hours),
            self::day(self::TODAY),
            null,
        )->points;
    }

    /** @return array{DueState, string|null, int|null} */
    private static function told(DuePoint $point): array
    {
        return [$point->state, $point->hoursLeft?->text(), $point->daysLeft];
    }

    private static function done(string $point, string $on, int $hours): WorkDone
    {
        return new WorkDone($point, self::day($on), self::h($hours));
    }

    /** @param  list<string>  $contains */
    private static function point(
        string $id,
        Interval $every,
        CountsFrom $counts = CountsFrom::Done,
        array $contains = [],
    ): ServicePoint {
        return new ServicePoint(
            $id,
            $id,
            $id,
            '',
            new Applicability,
            $every,
            $counts,
            Severity::Hold,
            self::h(25),
            DoneBy::Yard,
            $contains,
            [],
            [],
            new Source(SourceKind::CommonPractice, 'common practice, no source'),
        );
    }

    private static function h(int $hours): Quantity
    {
        return Quantity::of($hours, Unit::Hour);
    }

    private static function day(string $text): CalendarDate
    {
        return CalendarDate::parse($text);
    }
}
