<?php

declare(strict_types=1);

namespace Tests\Core\Walk;

use JadeLedger\Core\Check\Movement;
use JadeLedger\Core\Walk\PlanWalk;
use JadeLedger\Core\Walk\SheetAct;
use JadeLedger\Core\Walk\SheetEndsBeforeItBegins;
use JadeLedger\Core\Walk\SheetTimes;
use JadeLedger\Core\Walk\WalkPlan;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\RealCatalogue;

/** A walk with paper and pen, as it is entered afterwards. Common practice, no source. */
final class SheetTest extends TestCase
{
    /**
     * @param list<int> $taken
     * @param list<int> $times
     */
    #[DataProvider('sheets')]
    public function test_what_was_done_lies_between_the_two_times_of_the_sheet(
        int $lasted,
        array $taken,
        array $times,
    ): void {
        self::assertSame($times, SheetTimes::lasting($lasted)->of($taken));
    }

    /** @return iterable<string, array{int, list<int>, list<int>}> */
    public static function sheets(): iterable
    {
        yield 'a quarter, a half and a quarter of the time' => [400, [10, 20, 10], [100, 300, 400]];
        yield 'what takes no time is done with what stands before it' => [90, [30, 0, 60], [30, 30, 90]];
        yield 'nobody said how long each takes' => [90, [0, 0, 0], [30, 60, 90]];
        yield 'begun and ended in the same minute' => [0, [5, 5], [0, 0]];
        yield 'nothing was done' => [90, [], []];
    }

    public function test_a_sheet_that_ends_before_it_begins_is_refused(): void
    {
        $this->expectException(SheetEndsBeforeItBegins::class);
        SheetTimes::lasting(-1);
    }

    public function test_in_whatever_order_it_is_typed_the_acts_follow_the_plan(): void
    {
        $random = new Randomizer(new Mt19937(7));
        foreach (['dromvik_14c', 'fenwold_p20', 'ardlow_20b'] as $model) {
            $plan = self::planOf($model);
            $keys = array_map(static fn ($line): string => $line->key, $plan->lines());
            $answered = $random->pickArrayKeys(array_flip($keys), 25);
            $acts = SheetAct::inOrder($plan, null, $random->shuffleArray($answered));
            $lines = array_values(array_filter(array_map(static fn (SheetAct $act): ?string => $act->line, $acts)));
            self::assertSame(array_values(array_intersect($keys, $answered)), $lines);
            $this->assertEachLineInItsState($plan, $acts);
        }
    }

    public function test_the_state_in_which_the_machine_is_already_is_not_entered_again(): void
    {
        $plan = self::planOf('dromvik_14c');
        $first = $plan->visits[0];

        $acts = SheetAct::inOrder($plan, $first->stageId, [$first->lines[0]->key]);

        self::assertCount(1, $acts);
        self::assertSame($first->lines[0]->key, $acts[0]->line);
    }

    private static function planOf(string $model): WalkPlan
    {
        return (new PlanWalk(RealCatalogue::get()))->for(RealCatalogue::get()->model($model), Movement::Checkout);
    }

    /** @param  list<SheetAct>  $acts */
    private function assertEachLineInItsState(WalkPlan $plan, array $acts): void
    {
        $stages = [];
        foreach ($plan->visits as $visit) {
            foreach ($visit->lines as $line) {
                $stages[$line->key] = $visit->stageId;
            }
        }
        $present = null;
        foreach ($acts as $act) {
            if ($act->stageId !== null) {
                self::assertNotSame($present, $act->stageId, 'a state is not entered twice in a row');
            }
            $present = $act->stageId ?? $present;
            if ($act->line !== null) {
                self::assertSame($stages[$act->line], $present);
            }
        }
    }
}
