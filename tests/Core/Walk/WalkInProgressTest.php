<?php

declare(strict_types=1);

namespace Tests\Core\Walk;

use JadeLedger\Core\Catalogue\StageLine;
use JadeLedger\Core\Check\Movement;
use JadeLedger\Core\Verdict\Outcome;
use JadeLedger\Core\Walk\PlannedLine;
use JadeLedger\Core\Walk\PlanWalk;
use JadeLedger\Core\Walk\Progress;
use JadeLedger\Core\Walk\ReachableStates;
use JadeLedger\Core\Walk\StateTransitionGuard;
use JadeLedger\Core\Walk\WalkPlan;
use PHPUnit\Framework\TestCase;
use Tests\Support\RealCatalogue;

final class WalkInProgressTest extends TestCase
{
    private WalkPlan $plan;

    protected function setUp(): void
    {
        $catalogue = RealCatalogue::get();
        $this->plan = (new PlanWalk($catalogue))->for($catalogue->model('dromvik_14c'), Movement::Checkout);
    }

    public function test_oil_that_is_not_read_yet_keeps_the_engine_from_being_started(): void
    {
        self::assertContains('eng-oil-stick', $this->inTheWay('running', $this->standing('eng-oil-stick')));
    }

    public function test_oil_in_the_red_blocks_the_start_and_everything_after_it(): void
    {
        $outcomes = ['eng-oil-stick' => Outcome::Stop] + $this->standing();

        self::assertSame(['eng-oil-stick'], $this->inTheWay('running', $outcomes));
        self::assertSame(['eng-oil-stick'], $this->inTheWay('driving', $outcomes));
    }

    public function test_a_machine_that_may_not_be_started_may_still_be_secured_and_looked_at(): void
    {
        $outcomes = ['eng-oil-stick' => Outcome::Stop] + $this->standing();

        self::assertSame([], $this->inTheWay('secured', $outcomes));
        self::assertSame([], $this->inTheWay('key_on', $outcomes));
        self::assertSame([], $this->inTheWay('cold_isolated', $outcomes));
    }

    public function test_oil_in_the_red_takes_the_rest_out_of_the_walk_and_the_mend_brings_it_back(): void
    {
        $red = ReachableStates::after($this->plan, ['eng-oil-stick' => Outcome::Stop]);
        self::assertSame(['running', 'function', 'driving', 'just_stopped'], array_keys($red->shut));
        self::assertSame(
            ['eng-oil-stick'],
            array_map(static fn (PlannedLine $line): string => $line->key, $red->shut['running']),
        );
        self::assertContains(
            'cab-wiper',
            array_map(static fn (PlannedLine $line): string => $line->key, $red->lines()),
            'what needs no engine is kept',
        );
        self::assertNotContains(
            'brk-drive',
            array_map(static fn (PlannedLine $line): string => $line->key, $red->lines()),
        );

        $mended = ReachableStates::after($this->plan, ['eng-oil-stick' => Outcome::Stands]);
        self::assertEquals($this->plan->lines(), $mended->lines());
    }

    public function test_what_is_shut_is_neither_left_to_do_nor_done_and_takes_no_time(): void
    {
        $before = Progress::of($this->plan, [], []);
        $after = Progress::of($this->plan, ['eng-oil-stick' => Outcome::Stop], []);

        self::assertSame(count($this->plan->lines()), $after->linesDone + $after->linesLeft + $after->linesShut);
        self::assertGreaterThan(0, $after->linesShut);
        self::assertLessThan($before->secondsLeft, $after->secondsLeft);
    }

    /** A law of the plan: nothing alive is entered over a stop, whatever was found. */
    public function test_for_any_findings_no_line_that_may_still_be_done_needs_a_state_that_a_stop_shuts(): void
    {
        $keys = array_map(static fn (PlannedLine $line): string => $line->key, $this->plan->lines());
        for ($seed = 1; $seed <= 300; $seed++) {
            mt_srand($seed);
            $outcomes = array_combine(
                $keys,
                array_map(static fn (): Outcome => Outcome::cases()[mt_rand(0, 3)], $keys),
            );
            $replanned = ReachableStates::after($this->plan, $outcomes);
            foreach ($this->plan->lines() as $stop) {
                if ($stop->gate !== null && $outcomes[$stop->key] === Outcome::Stop) {
                    foreach ($replanned->lines() as $line) {
                        self::assertLessThan(
                            $stop->gate->state->hazardLevel(),
                            $line->stage->state->hazardLevel(),
                            "{$line->key} over {$stop->key}",
                        );
                    }
                }
            }
        }
    }

    public function test_when_everything_stands_nothing_is_in_the_way(): void
    {
        self::assertSame([], $this->inTheWay('driving', $this->standing()));
    }

    public function test_a_crossing_names_the_lines_that_nobody_confirmed(): void
    {
        $crossing = $this->plan->crossing('cold_isolated');
        self::assertNotNull($crossing);
        $all = array_map(static fn (StageLine $line): string => $line->id, $crossing->lines);

        self::assertSame([], $crossing->unconfirmed($all, null));
        self::assertSame(
            ['isolator_off'],
            array_map(
                static fn (StageLine $line): string => $line->id,
                $crossing->unconfirmed(array_diff($all, ['isolator_off']), null),
            ),
        );
    }

    /**
     * Whichever order the walk takes: out of a locked and isolated state nothing is started or driven with the lock in,
     * the isolator off or a cover open.
     */
    public function test_what_a_crossing_asks_follows_from_the_state_that_the_machine_comes_from(): void
    {
        $catalogue = RealCatalogue::get();
        $model = $catalogue->model('wexmoor_l7');
        $plan = (new PlanWalk($catalogue))->for($model, Movement::Checkout);
        $asked = static fn (string $to, ?string $from): array => array_map(
            static fn (StageLine $line): string => $line->id,
            $plan->crossing($to)?->unconfirmed([], $from === null ? null : $catalogue->stage($from)->state) ?? [],
        );

        foreach (['running', 'function', 'driving'] as $powered) {
            foreach (['cold_isolated', null] as $from) {
                self::assertContains("artic_free_{$powered}", $asked($powered, $from));
                self::assertContains("isolator_on_{$powered}", $asked($powered, $from));
                self::assertContains("covers_{$powered}", $asked($powered, $from));
            }
            self::assertSame(
                [],
                array_filter(
                    $asked($powered, 'key_on'),
                    static fn (string $id): bool => preg_match('/^(artic_free|isolator_on|covers)_/', $id) === 1,
                ),
                'what is so already is not asked again',
            );
        }
    }

    public function test_the_time_left_falls_with_every_line_and_ends_at_nothing(): void
    {
        $stages = [];
        $before = Progress::of($this->plan, [], []);
        self::assertSame($before->secondsPlanned, $before->secondsLeft);
        $outcomes = [];
        $left = $before->secondsLeft;
        foreach ($this->plan->visits as $visit) {
            $stages[] = $visit->stageId;
            foreach ($visit->lines as $line) {
                $outcomes[$line->key] = Outcome::Stands;
                $now = Progress::of($this->plan, $outcomes, $stages);
                self::assertLessThan($left, $now->secondsLeft);
                $left = $now->secondsLeft;
            }
        }

        self::assertSame(0, $left);
    }

    public function test_a_line_that_needs_attention_is_not_waited_for_again(): void
    {
        $progress = Progress::of($this->plan, ['hyd-level-glass' => Outcome::Attend], []);

        self::assertSame(1, $progress->linesDone);
    }

    /** @return array<string, Outcome> */
    private function standing(string ...$but): array
    {
        $outcomes = [];
        foreach ($this->plan->lines() as $line) {
            if (! in_array($line->key, $but, true)) {
                $outcomes[$line->key] = Outcome::Stands;
            }
        }

        return $outcomes;
    }

    /**
     * @param array<string, Outcome> $outcomes
     * @return list<string>
     */
    private function inTheWay(string $stage, array $outcomes): array
    {
        return array_map(
            static fn (PlannedLine $line): string => $line->key,
            (new StateTransitionGuard($this->plan))->inTheWay($stage, $outcomes),
        );
    }
}
