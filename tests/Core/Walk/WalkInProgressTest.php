<?php

declare(strict_types=1);

namespace Tests\Core\Walk;

use JadeLedger\Core\Catalogue\Movement;
use JadeLedger\Core\Catalogue\StageLine;
use JadeLedger\Core\Reading\Outcome;
use JadeLedger\Core\Walk\MayCross;
use JadeLedger\Core\Walk\PlannedLine;
use JadeLedger\Core\Walk\PlanWalk;
use JadeLedger\Core\Walk\Progress;
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

    public function test_when_everything_stands_nothing_is_in_the_way(): void
    {
        self::assertSame([], $this->inTheWay('driving', $this->standing()));
    }

    public function test_a_crossing_names_the_lines_that_nobody_confirmed(): void
    {
        $crossing = $this->plan->crossing('cold_isolated');
        self::assertNotNull($crossing);
        $all = array_map(static fn (StageLine $line): string => $line->id, $crossing->lines);

        self::assertSame([], $crossing->unconfirmed($all));
        self::assertSame(['isolator_off'], array_map(static fn (StageLine $line): string => $line->id, $crossing->unconfirmed(array_diff($all, ['isolator_off']))));
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
        return array_map(static fn (PlannedLine $line): string => $line->key, (new MayCross($this->plan))->inTheWay($stage, $outcomes));
    }
}
