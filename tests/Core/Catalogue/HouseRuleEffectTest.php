<?php

declare(strict_types=1);

namespace Tests\Core\Catalogue;

use JadeLedger\Core\Briefing\BriefingLength;
use JadeLedger\Core\Briefing\ComposeBriefing;
use JadeLedger\Core\Briefing\Stay;
use JadeLedger\Core\Catalogue\BriefingStep;
use JadeLedger\Core\Catalogue\Catalogue;
use JadeLedger\Core\Catalogue\HouseRule;
use JadeLedger\Core\Catalogue\LimitNotKnown;
use JadeLedger\Core\Catalogue\MachineModel;
use JadeLedger\Core\Catalogue\RuleOption;
use JadeLedger\Core\Catalogue\StageLine;
use JadeLedger\Core\Catalogue\StationKind;
use JadeLedger\Core\Check\Movement;
use JadeLedger\Core\Check\Occasion;
use JadeLedger\Core\People\WithoutProof;
use JadeLedger\Core\Quantity\UnitSchool;
use JadeLedger\Core\Walk\PlanWalk;
use JadeLedger\Core\Walk\WalkPlan;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\RealCatalogue;

/** Every choice changes something that a technician meets; where practitioners differ is common practice, no source. */
final class HouseRuleEffectTest extends TestCase
{
    /** @return iterable<string, array{string, string, string, Movement, string, bool}> */
    public static function lines(): iterable
    {
        yield 'gauge at checkout and weekly: not at the return' => [
            'tyre_pressure',
            'checkout_and_weekly',
            'brennock_a30',
            Movement::Return,
            'tyr-pressure-rear@running_gear_left',
            false,
        ];
        yield 'gauge before every start: at the return too' => [
            'tyre_pressure',
            'every_start',
            'brennock_a30',
            Movement::Return,
            'tyr-pressure-rear@running_gear_left',
            true,
        ];
        yield 'the stick is pulled where there is a display as well' => [
            'dipstick_or_display',
            'stick',
            'brennock_a30',
            Movement::Checkout,
            'eng-oil-stick',
            true,
        ];
        yield 'the monitor page takes the place of the stick' => [
            'dipstick_or_display',
            'display',
            'brennock_a30',
            Movement::Checkout,
            'eng-oil-stick',
            false,
        ];
        yield 'but not on a machine without a monitor page' => [
            'dipstick_or_display',
            'display',
            'dromvik_8c',
            Movement::Checkout,
            'eng-oil-stick',
            true,
        ];
        yield 'both tags of the extinguisher: the service' => [
            'extinguisher_interval',
            'both',
            'brennock_a30',
            Movement::Checkout,
            'saf-extinguisher-tag',
            true,
        ];
        yield 'both tags of the extinguisher: the month' => [
            'extinguisher_interval',
            'both',
            'brennock_a30',
            Movement::Checkout,
            'saf-extinguisher-month',
            true,
        ];
        yield 'the monthly school asks for no service tag' => [
            'extinguisher_interval',
            'monthly',
            'brennock_a30',
            Movement::Checkout,
            'saf-extinguisher-tag',
            false,
        ];
        yield 'whatever the tag, the gauge is looked at' => [
            'extinguisher_interval',
            'monthly',
            'brennock_a30',
            Movement::Checkout,
            'saf-extinguisher-gauge',
            true,
        ];
        yield 'exhaust fluid filled up at checkout' => [
            'def_topping',
            'full_at_checkout',
            'dromvik_14c',
            Movement::Checkout,
            'def-full',
            true,
        ];
        yield 'exhaust fluid when the gauge asks' => [
            'def_topping',
            'when_asked',
            'dromvik_14c',
            Movement::Checkout,
            'def-full',
            false,
        ];
        yield 'the tenth of the tank is asked for in every school' => [
            'def_topping',
            'when_asked',
            'dromvik_14c',
            Movement::Checkout,
            'def-level',
            true,
        ];
        yield 'cells at every return' => [
            'battery_fluid',
            'every_time',
            'orrick_20e',
            Movement::Return,
            'bat-electrolyte',
            true,
        ];
        yield 'cells weekly and at checkout' => [
            'battery_fluid',
            'cells_weekly',
            'orrick_20e',
            Movement::Return,
            'bat-electrolyte',
            false,
        ];
        yield 'the filter stays shut' => [
            'air_filter',
            'indicator',
            'dromvik_14c',
            Movement::Checkout,
            'eng-airfilter',
            false,
        ];
        yield 'the filter is opened each day' => [
            'air_filter',
            'open_daily',
            'dromvik_14c',
            Movement::Checkout,
            'eng-airfilter',
            true,
        ];
        yield 'a certificate within six months' => [
            'examination',
            'six_twelve',
            'ardlow_38x',
            Movement::Checkout,
            'doc-thorough-exam',
            true,
        ];
        yield 'LOLER reg. 9: it is not asked for where the other school is followed' => [
            'examination',
            'quarterly_yearly',
            'ardlow_38x',
            Movement::Checkout,
            'doc-thorough-exam',
            false,
        ];
        yield 'ANSI A92.22, from memory, to be confirmed: quarterly' => [
            'examination',
            'quarterly_yearly',
            'ardlow_38x',
            Movement::Checkout,
            'doc-frequent-inspection',
            true,
        ];
        yield 'only for machines that lift people' => [
            'examination',
            'quarterly_yearly',
            'orrick_25g',
            Movement::Checkout,
            'doc-frequent-inspection',
            false,
        ];
        yield 'grease by the point' => ['greasing', 'by_point', 'dromvik_14c', Movement::Return, 'imp-grease', false];
        yield 'grease everything each day' => [
            'greasing',
            'everything_daily',
            'dromvik_14c',
            Movement::Return,
            'imp-grease',
            true,
        ];
    }

    #[DataProvider('lines')]
    public function test_a_choice_brings_or_takes_a_line(
        string $rule,
        string $school,
        string $model,
        Movement $movement,
        string $line,
        bool $isThere,
    ): void {
        self::assertSame($isThere, $this->plan($rule, $school, $model, $movement)->line($line) !== null);
    }

    /** @return iterable<string, array{string, string, string, string, bool}> */
    public static function steps(): iterable
    {
        yield 'two blasts on an excavator by default' => [
            'horn_before_start',
            'earthmoving',
            'dromvik_14c',
            'horn_twice',
            true,
        ];
        yield 'a lift truck is only tested' => ['horn_before_start', 'earthmoving', 'orrick_25g', 'horn_twice', false];
        yield 'two blasts on every machine' => ['horn_before_start', 'two_blasts', 'orrick_25g', 'horn_twice', true];
        yield 'tips down' => ['fork_parking', 'tips_down', 'orrick_25g', 'forks_down', true];
        yield 'forks flat' => ['fork_parking', 'flat', 'orrick_25g', 'forks_flat', true];
        yield 'never on a slope' => ['slope_parking', 'never', 'orrick_25g', 'no_slope', true];
        yield 'on a slope, chocked' => ['slope_parking', 'straight_and_chocked', 'orrick_25g', 'slope_chocked', true];
        yield 'a tag while somebody is under the body' => [
            'restart_prevention',
            'key_and_isolator',
            'brennock_a30',
            'tag_hung',
            true,
        ];
        yield 'the key alone' => ['restart_prevention', 'key_only', 'brennock_a30', 'tag_hung', false];
        yield 'lamp and clock' => ['isolator_wait', 'strictest_sign', 'brennock_a30', 'purge', true];
        yield 'lamp alone' => ['isolator_wait', 'sign', 'brennock_a30', 'purge', false];
        yield 'the lamp stays in either school' => ['isolator_wait', 'sign', 'brennock_a30', 'lamp_out', true];
        yield 'without a sign the clock stays' => ['isolator_wait', 'sign', 'dromvik_14c', 'purge', true];
        yield 'beeps where the machine gives them' => ['isolator_wait', 'strictest_sign', 'wexmoor_l18', 'beeps', true];
    }

    #[DataProvider('steps')]
    public function test_a_choice_brings_or_takes_a_step(
        string $rule,
        string $school,
        string $model,
        string $step,
        bool $isThere,
    ): void {
        self::assertSame(
            $isThere,
            $this->step($this->plan($rule, $school, $model, Movement::Checkout), $step) !== null,
        );
    }

    /** At least 2 min without a sign, up to 4 min where it times itself: common practice, no source. */
    public function test_the_isolator_waits_as_long_as_this_model_purges(): void
    {
        $wait = fn (string $model): ?int => $this->step(
            $this->plan('isolator_wait', 'strictest_sign', $model, Movement::Return),
            'purge',
        )?->waitSeconds;

        self::assertSame([120, 150, 240], [$wait('dromvik_14c'), $wait('tarnhay_t9'), $wait('brennock_a30')]);
    }

    public function test_a_model_that_does_not_say_how_long_it_purges_is_not_planned_by_a_guess(): void
    {
        $catalogue = RealCatalogue::get();
        $model = $catalogue->model('dromvik_14c');
        $silent = new MachineModel(
            'silent',
            $model->familyId,
            $model->maker,
            'Silent',
            $model->describes,
            $model->massKilograms,
            $model->features,
            array_diff_key($model->limits, ['purge' => true]),
        );

        $this->expectException(LimitNotKnown::class);
        (new PlanWalk($catalogue))->for($silent, Movement::Checkout);
    }

    /** Three levels on a machine that is too tall to be seen into from the ground: common practice, no source. */
    public function test_a_tall_machine_is_walked_level_by_level_and_nobody_climbs_twice_in_one_state(): void
    {
        $byHeight = $this->levels($this->plan('circuit', 'by_height', 'wexmoor_l18', Movement::Checkout));
        self::assertContains([0, 1, 2], $byHeight, 'one state takes all three levels');
        foreach ($byHeight as $levels) {
            self::assertSame($levels, array_values(array_unique($levels)), 'no level is come back to');
        }
        self::assertNotContains(
            [0, 1, 2],
            $this->levels($this->plan('circuit', 'single', 'wexmoor_l18', Movement::Checkout)),
        );
    }

    public function test_every_school_of_every_rule_changes_something(): void
    {
        foreach (RealCatalogue::get()->houseRules->all as $rule) {
            $seen = [];
            foreach (count($rule->schools) > 1 ? $rule->schools : [] as $school) {
                $seen[$school->id] = $this->imprint($this->withChoice($rule->id, $school->id));
            }
            self::assertSame(count($seen), count(array_unique($seen)), "two schools of {$rule->id} come to the same");
        }
    }

    public function test_on_a_slope_the_key_alone_is_not_enough_and_the_contradiction_is_found_from_either_side(): void
    {
        $rules = $this->withChoice('restart_prevention', 'key_only')->houseRules;
        $slope = array_column($rules->all, null, 'id')['slope_parking'];
        self::assertSame('restart_prevention', $rules->contradictionOf($slope, 'straight_and_chocked')?->rule);
        self::assertNull($rules->contradictionOf($slope, 'never'));

        $rules = $this->withChoice('slope_parking', 'straight_and_chocked')->houseRules;
        $restart = array_column($rules->all, null, 'id')['restart_prevention'];
        self::assertSame('slope_parking', $rules->contradictionOf($restart, 'key_only')?->rule);
    }

    public function test_a_disagreement_is_a_rule_with_at_least_two_schools_or_a_stated_default_and_never_both(): void
    {
        $rules = RealCatalogue::get()->houseRules;
        $chosen = array_map(static fn (HouseRule $rule): string => $rule->id, $rules->all);
        $stated = array_map(static fn ($default): string => $default->id, $rules->stated);

        self::assertSame([], array_intersect($chosen, $stated));
        self::assertGreaterThanOrEqual(30, count($chosen) + count($stated));
    }

    /** @return list<list<int>> for each state the levels in the order in which they are walked */
    private function levels(WalkPlan $plan): array
    {
        $levels = [];
        foreach ($plan->visits as $visit) {
            if ($visit->station->standing === StationKind::Beside) {
                $level = $visit->station->level->order();
                if (($levels[$visit->stageId] ?? []) === [] || end($levels[$visit->stageId]) !== $level) {
                    $levels[$visit->stageId][] = $level;
                }
            }
        }

        return array_values($levels);
    }

    /** Everything that a walk or a look at the calendar would show of a catalogue. */
    private function imprint(Catalogue $catalogue): string
    {
        $rules = $catalogue->houseRules;
        $all = [
            $rules->startCorner, $rules->turn, $rules->firstVisit,
            array_map($rules->carried->daysOf(...), $catalogue->checks),
        ];
        foreach ($catalogue->models as $model) {
            $features = $catalogue->featuresOf($model);
            $all[] = array_map(
                static fn ($check): array => $check->applies->holdsFor($features)
                    ? array_map(static fn (Occasion $one): string => $one->value, $check->dueOn($features))
                    : [],
                $catalogue->checks,
            );
            foreach ($catalogue->stages as $stage) {
                $all[] = array_map(static fn (StageLine $line): string => $line->id, $stage->linesFor($features));
            }
            $all[] = [$features->has('rule_levels'), UnitSchool::of($features), WithoutProof::of($features)];
            // In January and in July.
            foreach ([0, 6] as $month) {
                $stay = Stay::anywhere()->during($month, $month);
                $told = (new ComposeBriefing($catalogue))->for($model, BriefingLength::Full, $stay);
                $all[] = array_map(static fn (BriefingStep $step): string => $step->id, $told);
            }
        }

        return hash('sha256', serialize($all));
    }

    private function step(WalkPlan $plan, string $id): ?StageLine
    {
        foreach ($plan->crossings as $crossing) {
            foreach ($crossing->lines as $line) {
                if ($line->id === $id) {
                    return $line;
                }
            }
        }

        return null;
    }

    private function plan(string $rule, string $school, string $model, Movement $movement): WalkPlan
    {
        $catalogue = $this->withChoice($rule, $school);

        return (new PlanWalk($catalogue))->for($catalogue->model($model), $movement);
    }

    private function withChoice(string $rule, string $school): Catalogue
    {
        $rules = array_column(RealCatalogue::get()->houseRules->all, null, 'id');
        self::assertContains(
            $school,
            array_map(static fn (RuleOption $one): string => $one->id, $rules[$rule]->schools),
        );

        return RealCatalogue::with($rule, $school);
    }
}
