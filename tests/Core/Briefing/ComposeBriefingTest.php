<?php

declare(strict_types=1);

namespace Tests\Core\Briefing;

use JadeLedger\Core\Briefing\BriefingLength;
use JadeLedger\Core\Briefing\ComposeBriefing;
use JadeLedger\Core\Briefing\Stay;
use JadeLedger\Core\Catalogue\BriefingKind;
use JadeLedger\Core\Catalogue\BriefingStep;
use JadeLedger\Core\Catalogue\Catalogue;
use JadeLedger\Core\Catalogue\MachineModel;
use JadeLedger\Core\Catalogue\SignalWord;
use JadeLedger\Core\Catalogue\SiteAnswer;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\RealCatalogue;

/** Orders and timings of the steps: common practice, no source. */
final class ComposeBriefingTest extends TestCase
{
    public function test_starting_comes_before_working_and_that_before_stopping_each_in_its_order(): void
    {
        foreach (array_keys(RealCatalogue::get()->models) as $model) {
            $ranks = array_map(
                static fn (BriefingStep $step): array => [
                    array_search($step->kind, BriefingKind::cases(), true),
                    $step->order,
                ],
                $this->steps($model),
            );
            $sorted = $ranks;
            sort($sorted);
            self::assertSame($sorted, $ranks, $model);
        }
    }

    public function test_the_key_comes_out_before_anybody_looks_and_the_belt_on_before_the_start(): void
    {
        $ids = $this->ids('dromvik_14c');

        self::assertLessThan(array_search('start_large', $ids, true), array_search('belt', $ids, true));
        self::assertLessThan(array_search('belt', $ids, true), array_search('key_out_first', $ids, true));
    }

    public function test_the_isolator_goes_off_only_after_the_purge(): void
    {
        $ids = $this->ids('dromvik_14c');

        self::assertLessThan(array_search('isolator_off', $ids, true), array_search('purge', $ids, true));
        self::assertNotContains('purge', $this->ids('dromvik_8c'), 'no exhaust fluid, nothing to purge');
    }

    public function test_the_clock_of_the_purge_is_that_of_the_model(): void
    {
        foreach (['dromvik_14c', 'tarnhay_t9', 'wexmoor_l18', 'brennock_a30'] as $model) {
            $purge = array_values(array_filter(
                $this->steps($model),
                static fn (BriefingStep $step): bool => str_starts_with($step->id, 'purge'),
            ));
            self::assertCount(1, $purge, $model);
            $seconds[$model] = $purge[0]->timerSeconds;
        }

        self::assertSame(
            ['dromvik_14c' => 120, 'tarnhay_t9' => 150, 'wexmoor_l18' => 180, 'brennock_a30' => 240],
            $seconds,
            'as their manuals say in catalogue/models',
        );
    }

    public function test_nobody_is_told_what_their_machine_has_not(): void
    {
        self::assertNotContains('house_in_line', $this->ids('ardlow_20b'), 'a boom has no house on tracks');
        self::assertNotContains('bucket_habits', $this->ids('wexmoor_l18'), 'a loader does not dig over the side');
        self::assertNotContains('try_brake', $this->ids('brennock_g20'), 'a generator is not driven');
        self::assertNotContains('warm_up_large', $this->ids('orrick_20e'), 'a battery truck does not idle');
        self::assertContains('warm_up_large', $this->ids('dromvik_14c'));
    }

    public function test_steps_are_chosen_by_features(): void
    {
        self::assertContains('blades_off', $this->ids('mossgill_122'));
        self::assertNotContains('belt', $this->ids('mossgill_122'), 'a mower without a rollover bar has no belt');
        self::assertContains('bar_up', $this->ids('tarnhay_r3'));
        self::assertNotContains('blades_off', $this->ids('dromvik_14c'));
    }

    public function test_a_site_leaves_out_what_it_rules_out_and_never_what_kills(): void
    {
        $catalogue = RealCatalogue::get();
        $model = $catalogue->model('dromvik_14c');
        $told = static fn (array $site): array => array_map(
            static fn (BriefingStep $step): string => $step->id,
            (new ComposeBriefing($catalogue))->for($model, BriefingLength::Full, Stay::at($site)),
        );
        $all = $told([]);
        self::assertSame($all, $told(['frost' => SiteAnswer::Unknown, 'dark' => SiteAnswer::Yes]), 'Unknown is told.');
        self::assertEqualsCanonicalizing(
            ['frost', 'frost_tracks', 'frost_warm'],
            array_values(array_diff($all, $told(['frost' => SiteAnswer::No]))),
        );

        $danger = $this->kills($catalogue, $model, []);
        $no = array_fill_keys(array_column($catalogue->siteQuestions, 'id'), SiteAnswer::No);
        self::assertNotSame([], $danger);
        self::assertSame($danger, $this->kills($catalogue, $model, $no));
    }

    /**
     * @param array<string, SiteAnswer> $site
     * @return list<string>
     */
    private function kills(Catalogue $catalogue, MachineModel $model, array $site): array
    {
        $told = (new ComposeBriefing($catalogue))->for($model, BriefingLength::Full, Stay::at($site));

        return array_values(array_map(
            static fn (BriefingStep $step): string => $step->id,
            array_filter($told, static fn (BriefingStep $step): bool => $step->level === SignalWord::Danger),
        ));
    }

    /**
     * Hires of so many months from one on: whether frost and heat are told. Which months are meant: common practice, no
     * source.
     */
    #[TestWith(['north', 1, 1, true, false])]
    #[TestWith(['north', 7, 1, false, true])]
    #[TestWith(['north', 4, 2, false, false])]
    #[TestWith(['north', 9, 3, true, false], 'it ends in November')]
    #[TestWith(['north', 5, 8, true, true], 'from May to December')]
    #[TestWith(['north', 12, 2, true, false], 'over the turn of the year')]
    #[TestWith(['north', 4, 40, true, true], 'longer than a year')]
    #[TestWith(['south', 7, 1, true, false])]
    #[TestWith(['south', 1, 1, false, true])]
    #[TestWith(['all_year', 4, 1, true, true])]
    public function test_frost_and_heat_are_told_in_their_months(
        string $rule,
        int $month,
        int $count,
        bool $frost,
        bool $heat,
    ): void {
        $catalogue = RealCatalogue::with('seasons', $rule);
        $model = $catalogue->model('dromvik_14c');
        $first = 12 * 2026 + $month - 1;
        $stay = Stay::anywhere()->during($first, $first + $count - 1);
        $told = array_column((new ComposeBriefing($catalogue))->for($model, BriefingLength::Full, $stay), 'id');

        self::assertSame([$frost, $heat], [in_array('frost', $told, true), in_array('heat', $told, true)]);
        // What was said of the place counts more than the calendar, and what nobody knows is counted on.
        foreach (['yes' => true, 'unknown' => true, 'no' => false] as $said => $isTold) {
            $place = Stay::at(['frost' => SiteAnswer::from($said)])->during($first, $first + $count - 1);
            $told = array_column((new ComposeBriefing($catalogue))->for($model, BriefingLength::Full, $place), 'id');
            self::assertSame($isTold, in_array('frost', $told, true), $said);
        }
    }

    public function test_the_law_of_the_place_brings_its_own_number_and_its_own_words(): void
    {
        $told = fn (string $law): array => array_map(
            static fn (BriefingStep $step): string => $step->id,
            (new ComposeBriefing($chosen = RealCatalogue::with('law', $law)))->for($chosen->model('dromvik_14c')),
        );
        $own = ['emergency_911', 'emergency_999', 'emergency_112', 'buried', 'buried_us'];
        $ofLaw = static fn (array $steps): array => array_values(array_intersect($own, $steps));

        self::assertSame(['buried'], $ofLaw($told('not_said')), 'No number is guessed.');
        self::assertSame(['emergency_911', 'buried_us'], $ofLaw($told('us')));
        self::assertSame(['emergency_999', 'buried'], $ofLaw($told('gb')));
        self::assertSame(['emergency_112', 'buried'], $ofLaw($told('eu')));
    }

    /** Written from the machines: on each of them this control lies there. */
    #[TestWith(['dromvik_14c', 'belt', 'cab-cab', 'seat-belt'])]
    #[TestWith(['dromvik_14c', 'locked', 'cab-cab', 'lock-lever'])]
    #[TestWith(['dromvik_14c', 'isolator_off', 'battery', 'isolator'])]
    #[TestWith(['tolvane_26', 'belt', 'cab-open', 'seat-belt'])]
    #[TestWith(['mossgill_122', 'brake_blades', 'mower', 'levers'])]
    #[TestWith(['mossgill_122', 'blades_off', 'mower', 'blade'])]
    #[TestWith(['ardlow_20b', 'clip', 'platform-basket', 'anchor-point'])]
    #[TestWith(['ardlow_20b', 'ground_person', 'ground-panel', 'lowering-valve'])]
    #[TestWith(['pennick_8e', 'platform_in', 'platform-scissor', 'gate'])]
    #[TestWith(['fenwold_p20', 'tests_tiller', 'pallet-truck', 'belly-button'])]
    #[TestWith(['brennock_g60', 'load_off', 'canopy-generator', 'breakers'])]
    #[TestWith(['orrick_25g', 'gas_shut', 'engine-bay-gas', 'lock-off'])]
    #[TestWith(['tarnhay_t9', 'forks_look', null, null], 'no close-up of such forks: the plan is shown')]
    public function test_the_control_of_a_step_is_ringed_where_it_lies_on_this_machine(
        string $model,
        string $step,
        ?string $drawing,
        ?string $anchor,
    ): void {
        $catalogue = RealCatalogue::get();
        $told = array_column($this->steps($model), null, 'id');
        self::assertArrayHasKey($step, $told);
        $place = $told[$step]->controlOn(
            $catalogue->closeUps,
            $catalogue->featuresOf($catalogue->model($model)),
        );

        self::assertSame([$drawing, $anchor], [$place?->drawing, $place?->anchor]);
    }

    public function test_every_step_says_why_and_what_to_beware_of(): void
    {
        foreach (RealCatalogue::get()->briefingSteps as $step) {
            self::assertNotSame('', trim($step->why), $step->id);
            self::assertNotSame('', trim($step->caution), $step->id);
            self::assertSame($step->timerSeconds === null, $step->timerLabel === null, $step->id);
        }
    }

    public function test_nothing_in_the_briefing_calls_a_machine_safe(): void
    {
        foreach (RealCatalogue::get()->briefingSteps as $step) {
            self::assertDoesNotMatchRegularExpression('/\bis safe\b/i', $step->instruction.$step->why.$step->caution);
        }
    }

    /** @return list<BriefingStep> */
    private function steps(string $model): array
    {
        $catalogue = RealCatalogue::get();

        return (new ComposeBriefing($catalogue))->for($catalogue->model($model));
    }

    /** @return list<string> */
    private function ids(string $model): array
    {
        return array_map(static fn (BriefingStep $step): string => $step->id, $this->steps($model));
    }
}
