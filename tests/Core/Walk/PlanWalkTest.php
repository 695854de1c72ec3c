<?php

declare(strict_types=1);

namespace Tests\Core\Walk;

use App\Catalogue\BuildCatalogue;
use Eris\Generators;
use Eris\TestTrait;
use JadeLedger\Core\Catalogue\Catalogue;
use JadeLedger\Core\Catalogue\Corner;
use JadeLedger\Core\Catalogue\FirstVisit;
use JadeLedger\Core\Catalogue\LimitNotKnown;
use JadeLedger\Core\Catalogue\MachineModel;
use JadeLedger\Core\Catalogue\StationKind;
use JadeLedger\Core\Catalogue\Turn;
use JadeLedger\Core\Check\Check;
use JadeLedger\Core\Check\Movement;
use JadeLedger\Core\Equipment\Applicability;
use JadeLedger\Core\Walk\NoSafeOrder;
use JadeLedger\Core\Walk\PlannedLine;
use JadeLedger\Core\Walk\PlanWalk;
use JadeLedger\Core\Walk\Visit;
use JadeLedger\Core\Walk\WalkPlan;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\RealCatalogue;

final class PlanWalkTest extends TestCase
{
    use TestTrait;

    #[TestWith(['dromvik_14c', 25], 'a tracked excavator')]
    #[TestWith(['mossgill_122', 18], 'a ride-on mower')]
    #[TestWith(['ardlow_38x', 60], 'a boom lift with axles that extend')]
    public function test_a_walk_has_at_least_as_many_checks_as_the_trade_asks_for(string $model, int $least): void
    {
        foreach (Movement::cases() as $movement) {
            $checks = array_unique(
                array_map(
                    static fn (PlannedLine $line): string => $line->check->id,
                    $this->plan($model, $movement)->lines(),
                ),
            );
            self::assertGreaterThanOrEqual($least, count($checks));
        }
    }

    public function test_checks_are_chosen_by_features_and_not_by_family(): void
    {
        self::assertNotNull($this->plan('dromvik_14c')->line('def-level'));
        self::assertNull($this->plan('dromvik_8c')->line('def-level'), 'the smaller one has no exhaust fluid');
        self::assertNotNull($this->plan('tarnhay_r3')->line('cool-bottle'), 'this mower is cooled by water');
        self::assertNull($this->plan('mossgill_122')->line('cool-bottle'), 'that one by air');
        self::assertNotNull($this->plan('mossgill_122')->line('turf-blade-stop'));
        self::assertNull($this->plan('dromvik_14c')->line('turf-blade-stop'));
    }

    public function test_from_front_left_the_walk_runs_along_the_bucket_round_the_rear_and_ends_in_the_cab(): void
    {
        $stations = $this->stationsOf($this->plan('dromvik_14c'), 'cold_isolated');

        self::assertSame(
            [
                'papers',
                'bucket',
                'boom',
                'right_track',
                'hydraulic_oil',
                'engine',
                'rear',
                'coolers',
                'left_track',
                'steps',
                'seat',
            ],
            $stations,
        );
    }

    public function test_the_other_way_round_deals_the_numbers_anew_and_still_ends_in_the_cab(): void
    {
        $stations = $this->stationsOf(
            $this->planIn(RealCatalogue::inYard(Corner::FrontLeft, Turn::CounterClockwise), 'dromvik_14c'),
            'cold_isolated',
        );

        self::assertSame(
            [
                'papers',
                'steps',
                'left_track',
                'coolers',
                'rear',
                'engine',
                'hydraulic_oil',
                'right_track',
                'boom',
                'bucket',
                'seat',
            ],
            $stations,
        );
    }

    public function test_from_the_rear_right_corner_the_walk_begins_at_the_rear(): void
    {
        $stations = $this->stationsOf(
            $this->planIn(RealCatalogue::inYard(Corner::RearRight, Turn::Clockwise), 'dromvik_14c'),
            'cold_isolated',
        );

        self::assertSame(
            [
                'papers',
                'rear',
                'coolers',
                'left_track',
                'steps',
                'bucket',
                'boom',
                'right_track',
                'hydraulic_oil',
                'engine',
                'seat',
            ],
            $stations,
        );
    }

    public function test_cold_readings_come_before_the_start_and_the_drive_after_it(): void
    {
        $order = array_map(static fn (PlannedLine $line): string => $line->key, $this->plan('dromvik_14c')->lines());
        $at = static fn (string $key): int => (int) array_search($key, $order, true);

        self::assertLessThan($at('eng-start'), $at('eng-oil-stick'));
        self::assertNotFalse(array_search('trn-direction', $order, true));
        self::assertLessThan($at('trn-direction'), $at('eng-start'));
        self::assertLessThan(
            $at('trn-direction'),
            $at('saf-reverse-alarm'),
            'the alarm is proved before the machine goes backwards',
        );
        self::assertLessThan($at('hkp-final-walk'), $at('trn-direction'));
        self::assertSame(['saf-ppe', 'hkp-area'], array_slice($order, 0, 2), 'what is worn and the place come first');
    }

    public function test_the_same_machine_and_rules_always_give_the_same_walk(): void
    {
        self::assertEquals($this->plan('halsafell_220'), $this->plan('halsafell_220'));
    }

    public function test_for_any_machine_corner_and_direction_every_check_stands_once_in_its_own_state_after_those_it_needs(): void
    {
        $real = RealCatalogue::get();
        $features = array_keys(RealCatalogue::compiled()->trees['features.yaml']['features']);
        $planned = 0;
        $this->limitTo(120)->forAll(
            Generators::elements(...array_keys($real->models)),
            Generators::elements(...Movement::cases()),
            Generators::elements(...Corner::cases()),
            Generators::elements(...Turn::cases()),
            Generators::elements(...FirstVisit::cases()),
            Generators::vector(4, Generators::elements(...$features)),
        )->then(function (
            string $modelId,
            Movement $movement,
            Corner $corner,
            Turn $turn,
            FirstVisit $first,
            array $more,
        ) use (&$planned): void {
            $catalogue = RealCatalogue::inYard($corner, $turn, $first);
            $model = RealCatalogue::withFeatures($catalogue->model($modelId), array_values(array_unique($more)));
            try {
                $plan = (new PlanWalk($catalogue))->for($model, $movement);
            } catch (NoSafeOrder $refused) {
                self::assertStringContainsString('none of its places is reached', $refused->getMessage());

                return;
            } catch (LimitNotKnown) {
                return;
            }
            $planned++;
            $this->assertKeepsEveryPromise($plan, $catalogue, $model);
        });
        self::assertGreaterThan(20, $planned, 'hardly anything could be planned: nothing was tried');
    }

    public function test_two_checks_that_need_each_other_first_have_no_safe_order(): void
    {
        $catalogue = RealCatalogue::get();
        $looped = $this->withChecks($catalogue, [
            $this->needing($catalogue->check('brk-drive'), ['art-steer-smooth']),
            $this->needing($catalogue->check('art-steer-smooth'), ['brk-drive']),
        ]);

        $this->expectException(NoSafeOrder::class);
        $this->expectExceptionMessage('brk-drive, art-steer-smooth');
        (new PlanWalk($looped))->for($looped->model('mossgill_97'), Movement::Checkout);
    }

    private function assertKeepsEveryPromise(WalkPlan $plan, Catalogue $catalogue, MachineModel $model): void
    {
        $keys = array_map(static fn (PlannedLine $line): string => $line->key, $plan->lines());
        self::assertSame($keys, array_values(array_unique($keys)), 'no line twice');
        self::assertSame(range(1, count($plan->visits)), array_column($plan->visits, 'number'), 'counted from 1');
        $order = array_flip(
            array_map(
                static fn ($stage): string => $stage->id,
                $catalogue->houseRules->firstVisit->order($catalogue->stages),
            ),
        );
        $last = -1;
        $done = [];
        foreach ($plan->visits as $visit) {
            self::assertGreaterThanOrEqual($last, $order[$visit->stageId], 'no state is gone back to');
            $last = $order[$visit->stageId];
            foreach ($visit->lines as $line) {
                self::assertSame($visit->stageId, $line->stage->id);
                self::assertTrue(
                    $line->check->needs->isMetBy($line->stage->state),
                    "{$line->key} in a state that it forbids",
                );
                self::assertTrue(
                    $line->gate === null || $line->stage->state->hazardLevel() < $line->gate->state->hazardLevel(),
                    "{$line->key} before the state that it guards",
                );
                self::assertTrue($line->check->applies->holdsFor($catalogue->featuresOf($model)));
                foreach (
                    array_intersect(
                        $line->check->after,
                        array_map(static fn (PlannedLine $one): string => $one->check->id, $plan->lines()),
                    ) as $needed
                ) {
                    self::assertContains($needed, $done, "{$line->key} comes after {$needed}");
                }
                $done[] = $line->check->id;
            }
        }
        $cold = array_values(
            array_filter(
                $plan->visits,
                static fn (Visit $visit): bool => $visit->stageId === $plan->crossings[0]->stage->id,
            ),
        );
        self::assertSame(StationKind::StartCorner, $cold[0]->station->standing);
        self::assertSame(StationKind::Seat, $cold[count($cold) - 1]->station->standing, 'the seat comes last');
    }

    public function test_every_model_that_ships_can_be_walked_out_and_in(): void
    {
        $catalogue = RealCatalogue::get();
        self::assertGreaterThanOrEqual(21, count($catalogue->families));
        self::assertGreaterThanOrEqual(30, count($catalogue->models));
        foreach ($catalogue->models as $model) {
            foreach (Movement::cases() as $movement) {
                $this->assertKeepsEveryPromise((new PlanWalk($catalogue))->for($model, $movement), $catalogue, $model);
            }
        }
        self::assertSame(
            [],
            array_diff(
                array_keys($catalogue->families),
                array_map(static fn (MachineModel $model): string => $model->familyId, $catalogue->models),
            ),
            'a family without a model',
        );
    }

    public function test_with_the_key_on_first_the_short_visit_opens_the_walk(): void
    {
        $plan = $this->planIn(
            RealCatalogue::inYard(Corner::FrontLeft, Turn::Clockwise, FirstVisit::KeyOn),
            'dromvik_14c',
        );

        self::assertSame(
            ['as_found', 'key_on', 'cold_isolated'],
            array_slice(array_map(static fn ($crossing): string => $crossing->stage->id, $plan->crossings), 0, 3),
        );
    }

    public function test_a_platform_is_worked_from_the_ground_before_anybody_goes_up(): void
    {
        $states = array_map(
            static fn ($crossing): string => $crossing->stage->id,
            $this->plan('ardlow_20b')->crossings,
        );

        self::assertSame(
            [
                'cold_isolated',
                'key_on',
                'running',
                'function',
                'platform',
                'driving',
                'drive_raised',
                'drive_extended',
                'just_stopped',
                'secured',
            ],
            $states,
        );
        self::assertNotContains(
            'platform',
            array_map(static fn ($crossing): string => $crossing->stage->id, $this->plan('dromvik_14c')->crossings),
        );
        self::assertContains(
            'propped',
            array_map(static fn ($crossing): string => $crossing->stage->id, $this->plan('brennock_a30')->crossings),
            'a body is propped before anybody is under it',
        );
    }

    private function plan(string $model, Movement $movement = Movement::Checkout): WalkPlan
    {
        return $this->planIn(RealCatalogue::get(), $model, $movement);
    }

    private function planIn(Catalogue $catalogue, string $model, Movement $movement = Movement::Checkout): WalkPlan
    {
        return (new PlanWalk($catalogue))->for($catalogue->model($model), $movement);
    }

    /** @return list<string> */
    private function stationsOf(WalkPlan $plan, string $stage): array
    {
        return array_values(array_map(
            static fn (Visit $visit): string => $visit->station->id,
            array_filter($plan->visits, static fn (Visit $visit): bool => $visit->stageId === $stage),
        ));
    }

    /**
     * A law: whatever schools a yard follows, on whatever machine, no check runs in a state that it forbids and no
     * step waits for less than the model says.
     */
    public function test_under_any_house_rules_no_check_runs_in_a_forbidden_state(): void
    {
        $models = array_values(RealCatalogue::get()->models);
        for ($seed = 1; $seed <= 60; $seed++) {
            mt_srand($seed);
            $choices = [];
            foreach (RealCatalogue::get()->houseRules->all as $rule) {
                if (count($rule->schools) > 1) {
                    $choices[$rule->id] = $rule->schools[mt_rand(0, count($rule->schools) - 1)]->id;
                }
            }
            $catalogue = (new BuildCatalogue)->from(RealCatalogue::compiled()->withChoices($choices));
            foreach (array_rand($models, 6) as $at) {
                $model = $catalogue->model($models[$at]->id);
                $plan = (new PlanWalk($catalogue))->for($model, Movement::cases()[mt_rand(0, 1)]);
                foreach ($plan->lines() as $line) {
                    self::assertTrue(
                        $line->check->needs->isMetBy($line->stage->state),
                        "seed {$seed}: {$model->id} {$line->key}",
                    );
                }
                $live = array_map(
                    static fn ($crossing): int => $crossing->stage->state->hazardLevel(),
                    $plan->crossings,
                );
                foreach ($plan->crossings as $at => $crossing) {
                    foreach ($crossing->lines as $line) {
                        self::assertTrue(
                            $line->waitLimit === null ||
                                $line->waitSeconds === ($model->limits[$line->waitLimit]->seconds ?? null),
                            "seed {$seed}: {$model->id} {$line->id}",
                        );
                    }
                }
                self::assertSame(0, end($live), "seed {$seed}: {$model->id} is left alive");
            }
        }
    }

    /** @param  list<string>  $after */
    private function needing(Check $check, array $after): Check
    {
        return new Check(
            $check->id,
            $check->title,
            $check->how,
            $check->accept,
            $check->ifNot,
            $check->group,
            $check->places,
            $check->needs,
            new Applicability(),
            $check->occasions,
            $check->severity,
            $check->seconds,
            $check->answer,
            $check->source,
            $after,
        );
    }

    /** @param  list<Check>  $checks */
    private function withChecks(Catalogue $catalogue, array $checks): Catalogue
    {
        return new Catalogue(
            $catalogue->version,
            array_column($checks, null, 'id'),
            $catalogue->stages,
            $catalogue->conditions,
            $catalogue->families,
            $catalogue->models,
            $catalogue->briefingSteps,
            $catalogue->findingKinds,
            $catalogue->triageRules,
            $catalogue->houseRules,
        );
    }
}
