<?php

declare(strict_types=1);

namespace Tests\Core\Hire;

use JadeLedger\Core\Hire\Availability;
use JadeLedger\Core\Hire\BookedHire;
use JadeLedger\Core\Hire\ConflictKind;
use JadeLedger\Core\Hire\DatedPaper;
use JadeLedger\Core\Hire\FindHireConflicts;
use JadeLedger\Core\Hire\HireConflict;
use JadeLedger\Core\Hire\HireEndsBeforeItBegins;
use JadeLedger\Core\Hire\HirePeriod;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Common practice, no source: two hires of one machine do not overlap, and between them it is walked in and out. */
final class FindHireConflictsTest extends TestCase
{
    private const WALK_IN = 40 * 60;

    private const WALK_OUT = 50 * 60;

    /** @param  list<string>  $expected */
    #[TestWith(['09:00', '12:00', ['taken 41']], 'inside of the other')]
    #[TestWith(['06:00', '20:00', ['taken 41']], 'around it')]
    #[TestWith(['15:59', '18:00', ['taken 41']], 'its last minute')]
    #[TestWith(['16:00', '18:00', ['no_time_between 41 90']], 'from the moment in which the other ends')]
    #[TestWith(['17:29', '18:00', ['no_time_between 41 1']], 'a minute short of both walks')]
    #[TestWith(['17:30', '18:00', []], 'both walks fit')]
    #[TestWith(['02:00', '06:31', ['no_time_between 41 1']], 'before the other')]
    #[TestWith(['02:00', '06:30', []], 'before the other, with time for both')]
    public function test_beside_a_hire_from_eight_to_four(string $from, string $until, array $expected): void
    {
        $other = new BookedHire(41, self::period('08:00', '16:00'));
        $found = (new FindHireConflicts(self::WALK_IN, self::WALK_OUT))
            ->of(self::period($from, $until), [$other], Availability::Free, self::at('00:00'));

        self::assertSame($expected, array_map(self::text(...), $found));
    }

    public function test_what_bars_stands_first_and_the_rest_is_said_too(): void
    {
        $others = [
            new BookedHire(40, self::period('05:00', '07:00'), isOverdue: true),
            new BookedHire(41, self::period('10:00', '16:00')),
        ];
        $found = (new FindHireConflicts(self::WALK_IN, self::WALK_OUT))
            ->of(self::period('09:00', '12:00'), $others, Availability::Held, self::at('08:30'));

        self::assertSame(
            ['taken 41', 'held', 'late_back 40', 'no_time_to_walk 20'],
            array_map(self::text(...), $found),
        );
    }

    #[TestWith([Availability::Tagged, ConflictKind::Tagged, true])]
    #[TestWith([Availability::Left, ConflictKind::Left, true])]
    #[TestWith([Availability::Held, ConflictKind::Held, false])]
    public function test_a_machine_that_is_not_free(Availability $machine, ConflictKind $kind, bool $bars): void
    {
        $found = (new FindHireConflicts(0, 0))->of(self::period('09:00', '12:00'), [], $machine, self::at('08:00'));
        self::assertSame([$kind], array_column($found, 'kind'));
        self::assertSame($bars, $kind->bars());
    }

    #[TestWith(['12:00', []])]
    #[TestWith(['11:59', [ConflictKind::PaperEnds]])]
    #[TestWith(['08:00', [ConflictKind::PaperEnds]])]
    public function test_a_paper_that_ends_before_the_hire_does_is_said(string $until, array $expected): void
    {
        $found = (new FindHireConflicts(0, 0))->of(
            self::period('09:00', '12:00'),
            [],
            Availability::Free,
            self::at('07:00'),
            [new DatedPaper('examination', self::at($until)), new DatedPaper('insurance', self::at('23:00'))],
        );
        self::assertSame($expected, array_column($found, 'kind'));
        self::assertFalse(ConflictKind::PaperEnds->bars());
    }

    /** Law: whoever is booked first, the other one is told of the same conflict. */
    public function test_a_conflict_is_the_same_from_both_sides(): void
    {
        mt_srand(7);
        $seen = [];
        for ($round = 0; $round < 500; $round++) {
            [$a, $b] = [self::anyPeriod(), self::anyPeriod()];
            $of = static fn (
                HirePeriod $wanted,
                HirePeriod $other,
            ): array => array_map(self::text(...), (new FindHireConflicts(self::WALK_IN, self::WALK_OUT))
                ->of($wanted, [new BookedHire(1, $other)], Availability::Free, self::at('00:00')->modify('-9 days')));
            self::assertSame($of($a, $b), $of($b, $a));
            // Minute by minute, as somebody would with a finger on the calendar.
            $shared = 0;
            for ($at = $a->from; $at < $a->until; $at = $at->modify('+15 minutes')) {
                $shared += $at >= $b->from && $at < $b->until ? 1 : 0;
            }
            self::assertSame($shared > 0, $a->overlaps($b));
            $seen[explode(' ', $of($a, $b)[0] ?? 'none')[0]] = true;
        }
        self::assertEqualsCanonicalizing(['none', 'taken', 'no_time_between'], array_keys($seen));
    }

    #[TestWith(['12:00', '12:00'])]
    #[TestWith(['12:00', '11:59'])]
    public function test_a_hire_that_ends_before_it_begins_is_none(string $from, string $until): void
    {
        $this->expectException(HireEndsBeforeItBegins::class);
        self::period($from, $until);
    }

    private static function anyPeriod(): HirePeriod
    {
        $from = self::at('00:00')->modify('+'.(15 * mt_rand(0, 60)).' minutes');

        return HirePeriod::between($from, $from->modify('+'.(15 * mt_rand(1, 20)).' minutes'));
    }

    private static function text(HireConflict $one): string
    {
        return trim("{$one->kind->value} {$one->folio}").($one->minutes === null ? '' : " {$one->minutes}");
    }

    private static function period(string $from, string $until): HirePeriod
    {
        return HirePeriod::between(self::at($from), self::at($until));
    }

    private static function at(string $time): \DateTimeImmutable
    {
        return new \DateTimeImmutable("2026-12-01 {$time}:00 UTC");
    }
}
