<?php

declare(strict_types=1);

namespace Tests\Core\Walk;

use JadeLedger\Core\Catalogue\StationKind;
use JadeLedger\Core\Check\Movement;
use JadeLedger\Core\State\Engine;
use JadeLedger\Core\Walk\DivideWalk;
use JadeLedger\Core\Walk\PlanWalk;
use JadeLedger\Core\Walk\Visit;
use JadeLedger\Core\Walk\WalkPlan;
use PHPUnit\Framework\TestCase;
use Tests\Support\RealCatalogue;

/** One person commands a machine that runs; papers and seat are with the key: common practice, no source. */
final class DivideWalkTest extends TestCase
{
    /** A law, for every model, movement and number of people. */
    public function test_no_stop_is_lost_or_walked_twice_and_nobody_but_the_one_with_the_key_is_near_a_running_machine(): void
    {
        foreach (RealCatalogue::get()->models as $model) {
            foreach (Movement::cases() as $movement) {
                $plan = (new PlanWalk(RealCatalogue::get()))->for($model, $movement);
                $visits = array_column($plan->visits, null, 'number');
                foreach ([1, 2, 3] as $people) {
                    $shares = (new DivideWalk($plan))->among($people);
                    self::assertCount($people, $shares);
                    self::assertEqualsCanonicalizing(array_keys($visits), array_merge(...$shares), $model->id);
                    foreach (array_merge(...array_slice($shares, 1)) as $number) {
                        self::assertSame(StationKind::Beside, $visits[$number]->station->standing);
                        self::assertSame(
                            Engine::Stopped,
                            $plan->crossing($visits[$number]->stageId)?->stage->state->engine,
                        );
                    }
                }
            }
        }
    }

    public function test_two_people_each_have_one_stretch_of_the_round_and_the_longer_share_is_as_short_as_can_be(): void
    {
        $plan = (new PlanWalk(RealCatalogue::get()))->for(
            RealCatalogue::get()->model('dromvik_14c'),
            Movement::Checkout,
        );
        [$key, $other] = (new DivideWalk($plan))->among(2);
        $stage = $plan->crossings[0]->stage->id;
        $around = array_values(
            array_filter(
                $plan->visits,
                static fn (Visit $visit): bool => $visit->stageId === $stage &&
                    $visit->station->standing === StationKind::Beside,
            ),
        );
        $theirs = array_values(
            array_filter($around, static fn (Visit $visit): bool => in_array($visit->number, $other, true)),
        );

        self::assertNotSame([], $theirs);
        self::assertSame(
            range($theirs[0]->number, $theirs[0]->number + count($theirs) - 1),
            array_map(static fn (Visit $visit): int => $visit->number, $theirs),
            'one stretch',
        );
        $longer = max($this->seconds($plan, $stage, $key), $this->seconds($plan, $stage, $other));
        for ($cut = 0; $cut <= count($around); $cut++) {
            $second = array_sum(
                array_map(static fn (Visit $visit): int => $visit->seconds(), array_slice($around, $cut)),
            );
            $all = $this->seconds($plan, $stage, [...$key, ...$other]);
            self::assertLessThanOrEqual(max($all - $second, $second), $longer, "cut behind stop {$cut}");
        }
    }

    /** Every way to cut the round in three, tried out. */
    public function test_the_longest_of_three_shares_is_as_short_as_can_be(): void
    {
        foreach (['dromvik_14c', 'fenwold_p20', 'ardlow_20b', 'wexmoor_l18'] as $model) {
            $plan = (new PlanWalk(RealCatalogue::get()))->for(RealCatalogue::get()->model($model), Movement::Checkout);
            $stage = $plan->crossings[0]->stage->id;
            $here = array_values(array_filter(
                $plan->visits,
                static fn (Visit $visit): bool => $visit->stageId === $stage,
            ));
            $isAround = static fn (Visit $visit): bool => $visit->station->standing === StationKind::Beside;
            $around = array_map(
                static fn (Visit $visit): int => $visit->seconds(),
                array_values(array_filter($here, $isAround)),
            );
            $besides = array_sum(array_map(static fn (Visit $visit): int => $visit->seconds(), $here))
                - array_sum($around);
            $best = PHP_INT_MAX;
            for ($first = 0; $first <= count($around); $first++) {
                for ($second = $first; $second <= count($around); $second++) {
                    $best = min($best, max(
                        $besides + array_sum(array_slice($around, 0, $first)),
                        array_sum(array_slice($around, $first, $second - $first)),
                        array_sum(array_slice($around, $second)),
                    ));
                }
            }
            $longest = max(array_map(
                fn (array $numbers): int => $this->seconds($plan, $stage, $numbers),
                (new DivideWalk($plan))->among(3),
            ));
            self::assertSame($best, $longest, $model);
        }
    }

    /** @param  list<int>  $numbers */
    private function seconds(WalkPlan $plan, string $stage, array $numbers): int
    {
        return array_sum(
            array_map(
                static fn (Visit $visit): int => $visit->stageId === $stage && in_array($visit->number, $numbers, true)
                    ? $visit->seconds()
                    : 0,
                $plan->visits,
            ),
        );
    }
}
