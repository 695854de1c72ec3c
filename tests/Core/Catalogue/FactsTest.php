<?php

declare(strict_types=1);

namespace Tests\Core\Catalogue;

use JadeLedger\Core\Check\Movement;
use JadeLedger\Core\Walk\Crossing;
use JadeLedger\Core\Walk\PlannedLine;
use JadeLedger\Core\Walk\PlanWalk;
use JadeLedger\Core\Walk\WalkPlan;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\RealCatalogue;

/**
 * Facts of the trade, written from the machines and not from the catalogue: each reaches a walk of a machine that it is
 * about. Common practice, no source.
 */
final class FactsTest extends TestCase
{
    /** @return iterable<string, array{string, Movement, string}> */
    public static function facts(): iterable
    {
        $out = Movement::Checkout;
        $in = Movement::Return;
        yield 'somebody stands on the upper structure of a large excavator' => [
            'halsafell_220',
            $out,
            'saf-upper-deck',
        ];
        yield 'a condenser is cleaned when it comes back' => ['halsafell_220', $in, 'cool-condenser'];
        yield 'an air seat is set' => ['halsafell_220', $out, 'cab-seat-air'];
        yield 'a second camera is cleaned' => ['halsafell_220', $out, 'cab-camera-side'];
        yield 'oil is read from the display' => ['halsafell_220', $out, 'eng-oil-display'];
        yield 'a filling pump has a tray' => ['dromvik_16w', $out, 'fuel-pump-tray'];
        yield 'a pallet truck has its list filled in' => ['fenwold_p20', $out, 'doc-onboard-checklist'];
        yield 'a pallet truck goes as its symbols say' => ['fenwold_p20', $out, 'ctl-pallet-direction'];
        yield 'a rider presses the horn at the grab bar' => ['fenwold_p20', $out, 'saf-horn-second'];
        yield 'a coded key alone starts it' => ['tarnhay_t9', $out, 'doc-immobiliser-key'];
        yield 'an immobiliser arms itself' => ['tarnhay_t9', $out, 'ele-immobiliser'];
        yield 'a boom that retracts by itself is tried' => ['tarnhay_t6', $out, 'imp-load-lowering'];
        yield 'hoses are coupled the right way round' => ['tarnhay_t9', $out, 'imp-aux-hyd'];
        yield 'a dozer has exhaust fluid' => ['halsafell_d6', $out, 'def-level'];
        yield 'a dozer has a catalyst' => ['halsafell_d6', $out, 'exh-scr'];
        yield 'a dozer has a rear camera' => ['halsafell_d6', $out, 'cab-camera'];
        yield 'a dozer has a stop in the cab' => ['halsafell_d6', $out, 'saf-cab-estop'];
        yield 'a dozer has a fresh-air filter' => ['halsafell_d6', $in, 'cab-filter'];
        yield 'a blade lifts, angles and tilts' => ['halsafell_d6', $out, 'imp-blade-moves'];
        yield 'a ripper goes up and down' => ['halsafell_d6', $out, 'imp-ripper-moves'];
        yield 'people are kept out by a barrier' => ['halsafell_d6', $out, 'hkp-barriers'];
        yield 'a loader has hubs' => ['wexmoor_l18', $out, 'trn-hub-leak'];
        yield 'a loader is filled from the ground' => ['wexmoor_l18', $out, 'fuel-quickfill'];
        yield 'a loader has air tanks to drain' => ['wexmoor_l18', $in, 'brk-air-drain'];
        yield 'a loader is stopped from the ground' => ['wexmoor_l18', $out, 'saf-external-stop'];
        yield 'a loader has a coolant gauge' => ['wexmoor_l18', $out, 'cool-gauge'];
        yield 'a loader shows its lock-up' => ['wexmoor_l18', $out, 'trn-lockup'];
        yield 'a loader warns of its speed' => ['wexmoor_l18', $out, 'trn-overspeed-lamp'];
        yield 'a truck carries an extinguisher' => ['orrick_25g', $out, 'saf-extinguisher-month'];
        yield 'a truck lights when it reverses' => ['orrick_25g', $out, 'lgt-reverse'];
        yield 'a tall load wants a backrest' => ['orrick_25g', $out, 'mst-backrest-ext'];
        yield 'an eye rinse is at the charging place' => ['orrick_20e', $out, 'saf-eyewash'];
        yield 'a truck is rated for its place' => ['orrick_50d', $out, 'doc-hazard-area-rating'];
        yield 'a rough-terrain truck has transmission oil' => ['orrick_rt30', $out, 'trn-oil-stick'];
        yield 'a boom is warmed before a cold start' => ['ardlow_38x', $out, 'eng-preheat'];
        yield 'both stops are out before a boom is tried' => ['ardlow_38x', $out, 'mew-ground-ready'];
        yield 'a boom warns while it is lowered from the ground' => ['ardlow_38x', $out, 'mew-descent-ground'];
        yield 'a tilt alarm is heard up there' => ['ardlow_38x', $out, 'mew-tilt-alarm-up'];
        yield 'the override of the levelling is sealed' => ['ardlow_38x', $out, 'mew-level-override'];
        yield 'a boom has a drive select' => ['ardlow_38x', $out, 'mew-drive-select'];
        yield 'a picker is driven with the platform up' => ['pennick_m3', $out, 'mew-picker-raised'];
        yield 'a mast lift has plates to cover' => ['pennick_m5', $out, 'bat-electrolyte'];
        yield 'a mast lift has an outlet' => ['pennick_m5', $out, 'ele-gfi'];
        yield 'a wheeled excavator greases itself' => ['dromvik_16w', $out, 'imp-autolube'];
        yield 'a hauler has axles of different pressure' => ['brennock_a30', $out, 'tyr-pressure-rear'];
        yield 'a hauler has a middle axle' => ['brennock_a30', $out, 'tyr-pressure-middle'];
        yield 'a tractor has a front axle of its own pressure' => ['mossgill_t45', $out, 'tyr-pressure-front'];
        yield 'a tractor carries liquid behind' => ['mossgill_t45', $out, 'tyr-pressure-ballasted'];
        yield 'a rough terrain truck carries liquid in front' => ['orrick_rt30', $out, 'tyr-pressure-ballasted-front'];
        yield 'a loader has a rear axle, too' => ['wexmoor_l7', $out, 'tyr-pressure-rear'];
        yield 'the controls of both panels are named' => ['ardlow_38x', $out, 'doc-controls-ground'];
        yield 'the controls of a lift are named in its basket' => ['pennick_8e', $out, 'doc-controls-platform'];
    }

    #[DataProvider('facts')]
    public function test_a_fact_of_the_trade_is_asked_of_the_machine(
        string $model,
        Movement $movement,
        string $check,
    ): void {
        self::assertContains(
            $check,
            array_map(
                static fn (PlannedLine $line): string => $line->check->id,
                $this->plan($model, $movement)->lines(),
            ),
        );
    }

    /** Where things are is the model's own: a maker moves a battery from one model to the next. */
    #[TestWith(['halsafell_d6', 'bat-terminals', 'ripper'])]
    #[TestWith(['halsafell_d6', 'trn-oil-stick', 'tanks'])]
    #[TestWith(['halsafell_d6', 'eng-oil-stick', 'engine'])]
    #[TestWith(['dromvik_16w', 'bat-terminals', 'steps'])]
    public function test_a_check_is_done_where_this_model_has_it(string $model, string $check, string $station): void
    {
        $where = [];
        foreach ($this->plan($model, Movement::Checkout)->visits as $visit) {
            foreach ($visit->lines as $line) {
                $where[$line->check->id] = $visit->station->id;
            }
        }

        self::assertSame($station, $where[$check] ?? null);
    }

    public function test_a_hood_with_a_motor_is_raised_before_anybody_looks_under_it(): void
    {
        foreach (['brennock_a30', 'eskrigg_3s'] as $model) {
            self::assertContains('hood_up', $this->asked($model, 'cold_isolated'), $model);
        }
        self::assertNotContains('hood_up', $this->asked('eskrigg_6s', 'cold_isolated'));
    }

    public function test_signals_are_agreed_before_it_drives(): void
    {
        self::assertContains('signals', $this->asked('halsafell_d6', 'driving'));
    }

    public function test_a_tilt_sensor_is_leaned_only_where_its_maker_provides_for_it(): void
    {
        $leaned = static fn (PlannedLine $line): bool => $line->check->id === 'mew-tilt-angle';

        self::assertCount(1, array_filter($this->plan('ardlow_20b', Movement::Checkout)->lines(), $leaned));
        self::assertCount(0, array_filter($this->plan('pennick_8e', Movement::Checkout)->lines(), $leaned));
    }

    public function test_no_two_lines_of_one_place_have_the_same_name(): void
    {
        foreach (RealCatalogue::get()->models as $model) {
            foreach (Movement::cases() as $movement) {
                $names = array_map(
                    static fn (PlannedLine $line): string => "{$line->check->title} at {$line->place}",
                    $this->plan($model->id, $movement)->lines(),
                );

                self::assertNotEmpty($names);
                self::assertSame([], array_diff_key($names, array_unique($names)), $model->id);
            }
        }
    }

    /** Common practice, no source: without a voltage the button of a residual-current device does nothing. */
    public function test_a_residual_current_device_is_tried_where_there_is_a_voltage(): void
    {
        foreach (['brennock_g20', 'brennock_g60', 'skarrow_lt9'] as $model) {
            $plan = $this->plan($model, Movement::Checkout);
            self::assertNotContains('ele-gfi', array_column(array_column($plan->lines(), 'check'), 'id'), $model);
            self::assertSame('function', $plan->line('gen-rcd')?->stage->id, $model);
        }
    }

    private function plan(string $model, Movement $movement): WalkPlan
    {
        $catalogue = RealCatalogue::get();

        return (new PlanWalk($catalogue))->for($catalogue->model($model), $movement);
    }

    /** @return list<string> the lines that are confirmed on the way into a state */
    private function asked(string $model, string $stage): array
    {
        $crossings = array_filter(
            $this->plan($model, Movement::Checkout)->crossings,
            static fn (Crossing $crossing): bool => $crossing->stage->id === $stage,
        );

        return array_map(static fn ($line): string => $line->id, array_values($crossings)[0]->lines);
    }
}
