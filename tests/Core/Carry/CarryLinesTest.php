<?php

declare(strict_types=1);

namespace Tests\Core\Carry;

use JadeLedger\Core\Carry\CarryLines;
use JadeLedger\Core\Carry\Change;
use JadeLedger\Core\Carry\ChangeKind;
use JadeLedger\Core\Carry\EarlierAnswer;
use JadeLedger\Core\Carry\LineCarried;
use JadeLedger\Core\Carry\WhyNotCarried;
use JadeLedger\Core\Check\AnswerKind;
use JadeLedger\Core\Check\CarryRule;
use JadeLedger\Core\Check\CarrySchool;
use JadeLedger\Core\Check\Movement;
use JadeLedger\Core\Check\Severity;
use JadeLedger\Core\Paper\CalendarDate;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Walk\PlannedLine;
use JadeLedger\Core\Walk\PlanWalk;
use JadeLedger\Core\Walk\WalkPlan;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\RealCatalogue;

/** What stands from the return walk: common practice, no source; the laws are of the job. */
final class CarryLinesTest extends TestCase
{
    private const SEEDS = 60;

    /** Written down by hand, independently of the catalogue's own marks: what runs, holds pressure, leaks or stops. */
    private const NEVER = '/\b(oil|coolant|fuel|leaks?|dry|pressure|brakes?|alarm|horn|beacon|lights?|temperature|level)\b/i';

    public function test_the_day_after_a_return_much_of_an_excavator_stands_and_nothing_that_runs_or_leaks(): void
    {
        $plan = self::plan('dromvik_14c');
        $carried = self::carried(self::lines($plan, CarrySchool::ByEachCheck, self::all($plan), [], '2026-11-25'));

        self::assertGreaterThan(20, count($carried));
        foreach ($carried as $one) {
            self::assertContains(
                $one->line->check->answer,
                [AnswerKind::Look, AnswerKind::PinPlay, AnswerKind::Count],
                $one->line->key,
            );
            self::assertNull($one->line->check->standsBefore, $one->line->key);
            self::assertDoesNotMatchRegularExpression(
                self::NEVER,
                "{$one->line->check->title}: {$one->line->check->accept}",
            );
        }
        self::assertNotSame([], array_filter(
            $carried,
            static fn (LineCarried $one): bool => $one->line->check->severity === Severity::Stop,
        ), 'what tags out may be carried too, where its check says so');
    }

    public function test_a_yard_that_forgets_nothing_carries_nothing_and_another_one_nothing_that_tags_out(): void
    {
        $plan = self::plan('dromvik_14c');
        self::assertSame(
            [],
            self::carried(self::lines($plan, CarrySchool::Nothing, self::all($plan), [], '2026-11-25')),
        );

        $careful = self::carried(self::lines($plan, CarrySchool::NothingBarred, self::all($plan), [], '2026-11-25'));
        self::assertNotSame([], $careful);
        foreach ($careful as $one) {
            self::assertNotSame(Severity::Stop, $one->line->check->severity);
        }
    }

    /** Calendar days and not hours, from the look itself; a day that is still to come is a wrong clock. */
    #[TestWith(['2026-11-24', true], 'the day itself')]
    #[TestWith(['2026-11-27', true], 'the third day after')]
    #[TestWith(['2026-11-28', false], 'the fourth day after')]
    #[TestWith(['2026-11-23', false], 'the day before')]
    public function test_it_stands_for_three_days(string $today, bool $stands): void
    {
        $plan = self::plan('fenwold_p20');
        $lines = self::lines($plan, CarrySchool::ByEachCheck, self::all($plan), [], $today);

        self::assertSame($stands, self::carried($lines) !== []);
        foreach (self::carried($lines) as $one) {
            self::assertLessThanOrEqual('2026-11-27', $one->until?->text());
        }
    }

    #[DataProvider('changes')]
    public function test_nothing_is_carried_over_a_change_of_the_machine(ChangeKind $kind): void
    {
        $plan = self::plan('dromvik_14c');
        $lines = self::lines(
            $plan,
            CarrySchool::ByEachCheck,
            self::all($plan),
            [Change::ofMachine($kind, 100)],
            '2026-11-24',
        );

        self::assertSame([], self::carried($lines));
        self::assertContains($kind, array_map(static fn (LineCarried $one): ?ChangeKind => $one->change, $lines));
    }

    /** @return iterable<string, array{ChangeKind}> */
    public static function changes(): iterable
    {
        foreach (ChangeKind::cases() as $kind) {
            yield $kind->value => [$kind];
        }
    }

    /** Laws over random answers and changes: told apart by a checker that only compares numbers. */
    public function test_whatever_was_answered_and_changed_in_whatever_order_carried_and_open_are_the_whole_plan(): void
    {
        $carriedAtAll = 0;
        mt_srand(20_261_124);
        for ($seed = 0; $seed < self::SEEDS; $seed++) {
            $plan = self::plan(['dromvik_14c', 'fenwold_p20', 'ardlow_20b'][$seed % 3]);
            $places = array_values(
                array_unique(array_map(static fn (PlannedLine $line): string => $line->place, $plan->lines())),
            );
            $earlier = [];
            foreach ($plan->lines() as $line) {
                if (mt_rand(0, 3) > 0) {
                    $earlier[$line->key] = self::answer(
                        $line,
                        mt_rand(1, 60),
                        sprintf('2026-11-%02d', mt_rand(21, 26)),
                    );
                }
            }
            $changes = [];
            for ($many = mt_rand(0, 3); $many > 0; $many--) {
                $changes[] = mt_rand(0, 2) > 0
                    ? Change::at($places[array_rand($places)], ChangeKind::Found, mt_rand(1, 60))
                    : Change::ofMachine(ChangeKind::Repaired, mt_rand(1, 40));
            }
            $lines = self::lines($plan, CarrySchool::ByEachCheck, $earlier, $changes, '2026-11-25');
            $backwards = self::lines(
                $plan,
                CarrySchool::ByEachCheck,
                array_reverse($earlier),
                array_reverse($changes),
                '2026-11-25',
            );

            self::assertSame(
                array_map(static fn (PlannedLine $line): string => $line->key, $plan->lines()),
                array_map(static fn (LineCarried $one): string => $one->line->key, $lines),
            );
            self::assertSame(
                array_map(static fn (LineCarried $one): bool => $one->isCarried(), $lines),
                array_map(static fn (LineCarried $one): bool => $one->isCarried(), $backwards),
            );
            foreach (self::carried($lines) as $one) {
                $carriedAtAll++;
                $from = $earlier[$one->line->key] ?? self::fail("{$one->line->key} was never answered");
                foreach ($changes as $change) {
                    self::assertFalse(
                        $change->sequence > $from->sequence &&
                            in_array($change->place, [null, $one->line->place], true),
                        "{$one->line->key} is carried over a change",
                    );
                }
                self::assertContains($from->day->text(), ['2026-11-22', '2026-11-23', '2026-11-24', '2026-11-25']);
            }
        }
        self::assertGreaterThan(100, $carriedAtAll, 'the law was hardly tried');
    }

    public function test_where_the_catalogue_asks_something_else_now_it_is_looked_at(): void
    {
        $plan = self::plan('dromvik_14c');
        $line = self::carried(self::lines($plan, CarrySchool::ByEachCheck, self::all($plan), [], '2026-11-24'))[0]
            ->line;
        $other = array_values(
            array_filter($plan->lines(), static fn (PlannedLine $one): bool => $one->check->id !== $line->check->id),
        )[0]->check;
        $earlier = [$line->key => new EarlierAnswer('entry', 5, CalendarDate::parse('2026-11-24'), $other)];

        $now = array_values(array_filter(
            self::lines($plan, CarrySchool::ByEachCheck, $earlier, [], '2026-11-24'),
            static fn (LineCarried $one): bool => $one->line->key === $line->key,
        ))[0];
        self::assertSame(WhyNotCarried::AnotherCheck, $now->why);
    }

    /** What is worn stands with its figure, what holds pressure does not, and nothing that was judged otherwise. */
    public function test_a_measure_of_wear_stands_with_its_figure_while_its_limits_are_the_same(): void
    {
        $plan = self::plan('dromvik_14c');
        $two = Quantity::of('2', Unit::Millimetre);
        $earlier = [];
        foreach (['imp-pin-play', 'trk-sag@running_gear_right', 'eng-oil-stick'] as $key) {
            $check = $plan->line($key)->check ?? self::fail("{$key} is no line of it.");
            $earlier[$key] = new EarlierAnswer('entry', 5, CalendarDate::parse('2026-11-24'), $check, $two);
        }

        $carried = self::carried(self::lines($plan, CarrySchool::ByEachCheck, $earlier, [], '2026-11-25'));
        $keys = array_map(static fn (LineCarried $one): string => $one->line->key, $carried);
        self::assertSame(['imp-pin-play'], $keys);
        self::assertSame('2', $carried[0]->from?->read?->text());

        $check = $earlier['imp-pin-play']->check;
        $other = new EarlierAnswer('entry', 5, CalendarDate::parse('2026-11-24'), $check, $two, false);
        $now = self::lines($plan, CarrySchool::ByEachCheck, ['imp-pin-play' => $other], [], '2026-11-25');
        self::assertSame([], self::carried($now));
        self::assertContains(
            WhyNotCarried::AnotherCheck,
            array_map(static fn (LineCarried $one): ?WhyNotCarried => $one->why, $now),
        );
    }

    /** One step of the last digit is a machine that was moved out of the way. */
    #[TestWith(['1204.6', '1204.6', false])]
    #[TestWith(['1204.6', '1204.7', false])]
    #[TestWith(['1204.6', '1204.8', true])]
    #[TestWith(['1204.6', '1204.4', true])]
    public function test_a_meter_that_went_on_says_that_it_ran(string $before, string $now, bool $moved): void
    {
        self::assertSame($moved, CarryLines::meterMoved($before, $now));
    }

    private static function plan(string $model): WalkPlan
    {
        return (new PlanWalk(RealCatalogue::get()))->for(RealCatalogue::get()->model($model), Movement::Checkout);
    }

    private static function answer(PlannedLine $line, int $sequence, string $day): EarlierAnswer
    {
        return new EarlierAnswer("entry of {$line->key}", $sequence, CalendarDate::parse($day), $line->check);
    }

    /** @return array<string, EarlierAnswer> everything stood on 24 November */
    private static function all(WalkPlan $plan): array
    {
        $all = [];
        foreach ($plan->lines() as $line) {
            $all[$line->key] = self::answer($line, 10, '2026-11-24');
        }

        return $all;
    }

    /**
     * @param array<string, EarlierAnswer> $earlier
     * @param list<Change> $changes
     * @return list<LineCarried>
     */
    private static function lines(
        WalkPlan $plan,
        CarrySchool $school,
        array $earlier,
        array $changes,
        string $today,
    ): array {
        return (new CarryLines(new CarryRule($school, 3), CalendarDate::parse($today)))->of($plan, $earlier, $changes);
    }

    /**
     * @param list<LineCarried> $lines
     * @return list<LineCarried>
     */
    private static function carried(array $lines): array
    {
        return array_values(array_filter($lines, static fn (LineCarried $one): bool => $one->isCarried()));
    }
}
