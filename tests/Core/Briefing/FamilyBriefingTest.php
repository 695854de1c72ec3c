<?php

declare(strict_types=1);

namespace Tests\Core\Briefing;

use JadeLedger\Core\Briefing\BriefingLength;
use JadeLedger\Core\Briefing\BriefingTime;
use JadeLedger\Core\Briefing\ComposeBriefing;
use JadeLedger\Core\Briefing\KnownFrom;
use JadeLedger\Core\Catalogue\BriefingStep;
use JadeLedger\Core\Catalogue\LimitNotKnown;
use JadeLedger\Core\Catalogue\SignalWord;
use JadeLedger\Core\Paper\CalendarDate;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\RealCatalogue;

/**
 * What each family must hear and must never hear, written from the machines and not from the catalogue: common practice
 * of the trade, no source. A word that is said is looked for in what the customer reads.
 */
final class FamilyBriefingTest extends TestCase
{
    private const EVERYBODY = [
        'trained', 'manual', 'Danger: death', 'high-visibility', 'edges', 'extinguishers', 'person\'s tag',
        'same way round', 'ring us', 'hours and faults',
    ];

    private const SEATED = ['set the seat', 'three points of contact', 'facing the machine', 'every control'];

    private const DIESEL = ['engine cold', 'hot cap', 'no smoking', 'Turn the key off', 'Frost'];

    private const EXCAVATOR = [
        'belt', 'control lock', 'Right stick', 'Left stick', 'short', 'very end', 'in line with',
        'rams drawn in', 'sticks round in circles', 'lock to live', 'idle three minutes', 'horn, two blasts',
        'column', 'lorry', 'never across', 'jumps without a touch',
    ];

    private const PLATFORM = [
        'emergency lowering', 'Both stops out', 'Both stops pushed in', 'gate shut', 'stays at the ground',
        'both feet on the floor', 'never hang a load', 'push and pull', 'look down', 'ground panel first',
        'fully lowered', 'selector to platform', 'Holes', 'overhead',
    ];

    private const FORKS = [
        'Both hooked and locked', '10 to 15 cm', 'read the plate', 'never raise or lower while it rolls',
        'arms and legs inside',
        'square on', 'stop a foot away', 'straight out', 'both shoulders', 'horn at corners', 'balanced',
        'sprinklers',
        'forks wholly down',
    ];

    /**
     * Models, what they must be told, what they must never be told.
     *
     * @return iterable<string, array{list<string>, list<string>, list<string>}>
     */
    public static function families(): iterable
    {
        $noEngine = ['oil, coolant', 'idle', 'preheat', 'diesel', 'throttle', 'warm up'];
        $noForks = ['forks', 'the plate:', 'dock'];
        yield 'tracked excavator' => [['dromvik_14c', 'dromvik_8c', 'halsafell_220'], [
            ...self::EXCAVATOR, ...self::SEATED, ...self::DIESEL, 'sprockets at the rear', 'both alike: straight',
            'mirrors', 'door shut', 'economy',
        ], [...$noForks, 'blades', 'harness', 'emergency lowering', 'hand brake', 'gate', 'gas', 'charger']];
        yield 'mini excavator' => [['skarrow_17', 'skarrow_35'], [
            ...self::EXCAVATOR, ...self::SEATED, ...self::DIESEL, 'sprockets at the rear',
        ], [...$noForks, 'blades off', 'harness', 'hand brake', 'mirrors', 'turbocharger', 'purge']];
        yield 'wheeled excavator' => [['dromvik_16w'], [
            ...self::EXCAVATOR, ...self::SEATED, ...self::DIESEL, 'hand brake', 'on a road', 'outriggers down',
            'exhaust fluid full', 'blue cap', 'radar', 'by the clock',
        ], [...$noForks, 'sprockets', 'both alike', 'harness', 'charger', 'blades']];
        yield 'wheel loader' => [['wexmoor_l18', 'wexmoor_l7'], [
            ...self::SEATED, ...self::DIESEL, 'belt', 'bucket low', 'tucked in', 'reverse, turn and lower',
            'never articulated',
            'first gear', 'toe', 'undercut', '45 to 55', 'never coast', 'heel off the floor',
            'drive up, reverse down',
            'on arms, wheels', 'beside or behind', 'floor level and draining', 'flat on the ground', 'park brake',
            'joint', 'lean out', 'berm', 'rated for this machine', 'Driver in the cab', 'neutraliser',
        ], [...$noForks, 'sprockets', 'sticks round', 'harness', 'blades', 'charger', 'preheat']];
        yield 'dozer' => [['halsafell_d6'], [
            ...self::SEATED, ...self::DIESEL, 'blade and ripper', 'both locked', 'blade down', 'ripper down',
            'park brake on',
            'firm, level ground', 'only in neutral', 'preheat', 'last driver', 'up is live', 'lamp at the isolator',
        ], [...$noForks, 'bucket flat', 'mast', 'harness', 'spray by hand', 'right stick', 'hand brake']];
        yield 'articulated dump truck' => [['brennock_a30'], [
            ...self::SEATED, 'four-digit code', '15 minutes', 'no sharp thing', 'not sure of the code',
            'wakes', 'press start',
            'pull the button', 'push the park-brake', 'retarder', 'lamp flashes',
            'mark stands on the speed dial', 'hold again',
            'shakes', 'body wholly down', 'three beeps', 'four minutes', 'no fault', 'blue cap', 'drain them',
            'master switch',
            'joint',
        ], [...$noForks, 'Turn the key', 'key to', 'bucket', 'harness', 'blades', 'sprockets']];
        yield 'site dumper' => [['eskrigg_3s', 'eskrigg_6s'], [
            ...self::SEATED, ...self::DIESEL, 'roll bar', 'both pins', 'belt', 'neutral', 'joint', 'berm',
            'body wholly down',
            'never across', 'hand brake', 'Foot on the brake', 'prop',
        ], [...$noForks, 'bucket', 'harness', 'blades', 'exhaust fluid', 'turbocharger', 'mirrors', 'retarder']];
        yield 'telehandler' => [['tarnhay_t6', 'tarnhay_t9'], [
            ...self::SEATED, ...self::DIESEL, 'thumb wheel', 'front wheels for the road', 'crab',
            'close and low', 'never to lift',
            'both latches', 'arm in', 'hand brake', 'neutral, park brake', 'read the plate', 'bucket mode',
            'on a road', 'belt',
            'foot on the brake', 'wheels straight', 'sprinklers',
        ], ['sprockets', 'harness', 'right stick', 'charger', 'blades', 'ramps.', 'dock']];
        yield 'counterbalance truck' => [['orrick_20e', 'orrick_25g', 'orrick_50d'], [
            ...self::SEATED, ...self::FORKS, 'belt', 'load uphill', 'forks downhill', 'plate fixed', 'trailer',
            'never turn on it',
            'neutral, park brake', 'tips tilted to the floor', 'floor load', 'smooth stops', 'look both sides',
        ], ['bucket', 'harness', 'sprockets', 'control lock', 'blades', 'two blasts', 'exhaust fluid']];
        yield 'gas truck' => [['orrick_25g'], [
            'close the valve', 'run until it stops', 'ignition off', 'gloves', 'no flame', 'straps off',
            'trained people only',
            'soap', 'valve of the cylinder', 'two people', 'hose is empty', 'both latches',
        ], ['diesel', 'charger', 'to the brim', 'rinse eyes']];
        yield 'electric truck' => [['orrick_20e'], [
            'read the charge', '20 %', 'charger off', 'no smoking', 'aired room', 'power off', 'rinse eyes',
            'service lamp', 'foot on the brake', 'belt', 'only people shown how', 'acid',
        ], [...$noEngine, 'gas shut', 'cylinder']];
        yield 'rough-terrain truck' => [['orrick_rt30'], [
            ...self::SEATED, ...self::DIESEL, ...self::FORKS, 'belt', 'load uphill', 'hand brake',
            'firm, level ground',
            'tow it only as the manual', 'extinguishers', 'preheat', 'walkers',
        ], ['bucket', 'harness', 'control lock', 'charger', 'dock', 'sprockets']];
        yield 'pallet truck' => [['fenwold_p20'], [
            'feet wholly inside', 'grab bar', 'above all in turns', 'stay on', 'ankles', 'speed button',
            'water, ice', 'horn at corners',
            'handle upright', 'forks down', 'belly button', 'read the charge', 'trailer', '10 to 15 cm',
            'charger', 'toe caps',
        ], [...$noEngine, 'belt', 'seat', 'bucket', 'harness', 'mast', 'hand brake']];
        yield 'power stacker' => [['fenwold_s12'], [
            'handle upright', 'belly button', 'read the charge', 'forks down', 'charger', 'horn at corners',
            'water, ice',
            'never raise or lower while it rolls', 'floor load', 'balanced', '10 to 15 cm', 'toe caps',
        ], [...$noEngine, 'feet wholly inside', 'grab bar', 'belt', 'seat', 'harness', 'bucket']];
        yield 'boom lift' => [['ardlow_20b', 'ardlow_38x'], [
            ...self::PLATFORM, 'harness', 'short lanyard', 'marked anchor', 'foot switch', 'raise lamp',
            'retract lamp',
            'tilt lamp', 'level lamp', 'ten seconds', 'own guide', 'written method', 'wind at platform height',
            'reversed',
            'engine cold',
        ], ['forks', 'bucket', 'seat', 'belt', 'indoors only', 'grip', 'control lock', 'joint']];
        yield 'scissor lift' => [['ardlow_12s', 'pennick_8e'], [
            ...self::PLATFORM, 'squeeze the grip', 'let go and everything stops', 'tilt alarm', 'indoors only',
            'charger off',
            'mode switch', 'harness', 'read the charge', 'near beams',
        ], [...$noEngine, 'foot switch', 'raise lamp', 'seat', 'belt', 'bucket', 'forks']];
        yield 'mast lift' => [['pennick_m3', 'pennick_m5'], [
            ...self::PLATFORM, 'squeeze the grip', 'forward, back, left, right', 'slide, do not lift', 'inner rail',
            'indoors only', 'close to the rack', 'mode switch', 'push up, pull down', 'charger off',
        ], [...$noEngine, 'foot switch', 'seat', 'belt', 'bucket', 'forks']];
        yield 'ride-on mower' => [['mossgill_122', 'mossgill_97', 'tarnhay_r3'], [
            'blade lever to off', 'throwing distance', 'chute', 'five seconds', 'never across', 'wet grass',
            'park brake on',
            'seat', 'deck down', 'no child', 'not in a shed', 'reach in', 'facing the machine',
        ], ['forks', 'bucket', 'harness', 'control lock', 'hand brake', 'horn, two', 'power take-off']];
        yield 'compact tractor' => [['mossgill_t26', 'mossgill_t45'], [
            ...self::SEATED, ...self::DIESEL, 'roll bar', 'both pins', 'power take-off off', 'shield',
            'drawbar', 'never across',
            'belt', 'foot on the brake', 'implement on the ground', 'flat on the ground', 'preheat',
        ], ['forks', 'harness', 'blades', 'control lock', 'sprockets', 'dock', 'turbocharger']];
        yield 'roller' => [['tolvane_16', 'tolvane_26'], [
            ...self::SEATED, ...self::DIESEL, 'roll bar', 'belt', 'vibration', 'between the drums',
            'drum\'s width', 'never across',
            'travel lever', 'water off', 'neutral, park brake', 'horn, two blasts',
        ], ['forks', 'bucket', 'harness', 'tyres', 'wheels for', 'blades', 'mast']];
        yield 'generator' => [['brennock_g20', 'brennock_g60'], [
            'earth', 'out of doors', 'windows', 'transfer switch', 'breaker open', 'without load',
            'residual-current', 'while it runs',
            'uncoiled', 'coupling locked', 'engine cold', 'level ground', 'key out', 'brim', 'lights tried',
        ], ['seat', 'tug it', 'forks', 'bucket', 'harness', 'walking pace', 'horn', 'drive', 'mast']];
        yield 'lighting tower' => [['skarrow_lt9'], [
            'earth', 'out of doors', 'outriggers out', 'look up', 'raise the mast', 'mast wholly down',
            'lamps off and cool', 'breaker open',
            'wind on its plate', 'jumps without a touch', 'preheat', 'coupling locked', 'mast up',
        ], ['seat', 'tug it', 'forks', 'bucket', 'harness', 'walking pace', 'horn']];
        yield 'compressor' => [['tolvane_c5'], [
            'outlets shut', 'safety clip', 'whip check', 'aim air', 'under the skin', 'outdoors only',
            'hose empty', 'engine cold',
            'coupling locked', 'unloaded', 'glasses', 'turbocharger', 'lights tried',
        ], ['seat', 'tug it', 'forks', 'bucket', 'harness', 'walking pace', 'horn', 'earth as']];
    }

    /**
     * @param list<string> $models
     * @param list<string> $told
     * @param list<string> $never
     */
    #[DataProvider('families')]
    public function test_a_family_hears_what_is_its_own_and_nothing_else(array $models, array $told, array $never): void
    {
        self::assertGreaterThanOrEqual(12, count($told));
        foreach ($models as $model) {
            $words = $this->toldOf($model);
            $isTold = static fn (string $word): bool => preg_match(
                '/(?<![a-z])'.preg_quote($word, '/').'/iu',
                $words,
            ) === 1;
            self::assertSame(
                ['not told' => [], 'told' => []],
                [
                    'not told' => array_values(array_filter(
                        [...$told, ...self::EVERYBODY],
                        static fn (string $word): bool => ! $isTold($word),
                    )),
                    'told' => array_values(array_filter($never, $isTold)),
                ],
                $model,
            );
        }
    }

    public function test_every_family_of_the_catalogue_is_in_the_table(): void
    {
        $models = array_merge(...array_column(iterator_to_array(self::families()), 0));

        self::assertSame([], array_diff(array_keys(RealCatalogue::get()->models), $models));
    }

    /** Laws of precedence, in words of the steps and not by their ids: common practice, no source. */
    #[TestWith(['belt on', 'turn the key to start'])]
    #[TestWith(['park brake on, before you start', 'turn the key to start'])]
    #[TestWith(['control lock in its locked position', 'turn the key to start'])]
    #[TestWith(['horn, two blasts', 'turn the key to start'])]
    #[TestWith(['turn the key to start', 'only now the lock to live'])]
    #[TestWith(['only now the lock to live', 'move each function slowly'])]
    #[TestWith(['foot on the brake', 'brake at walking pace'])]
    #[TestWith(['ground panel first', 'climb in with three points'])]
    #[TestWith(['harness and short lanyard', 'climb in with three points'])]
    #[TestWith(['turn the key off. once', 'until the lamp at the isolator'])]
    #[TestWith(['turn the key off. once', 'wait by the clock'])]
    #[TestWith(['press stop', 'three beeps'])]
    #[TestWith(['wait by the clock', 'turn the isolator off'])]
    #[TestWith(['three beeps', 'turn the isolator off'])]
    #[TestWith(['sticks round in circles', 'turn the isolator off'])]
    #[TestWith(['fully lowered', 'both stops pushed in'])]
    #[TestWith(['both stops pushed in', 'turn the isolator off'])]
    #[TestWith(['disengage the blades', 'turn the key off. once'])]
    #[TestWith(['breaker open. let it run', 'turn the key off. once'])]
    #[TestWith(['mast wholly down', 'turn the key off. once'])]
    #[TestWith(['park brake on. foot off', 'climb down'])]
    #[TestWith(['body wholly down', 'neutral, '])]
    public function test_one_thing_comes_before_the_other_wherever_both_are_told(string $first, string $then): void
    {
        $seen = 0;
        foreach (array_keys(RealCatalogue::get()->models) as $model) {
            $order = array_map(
                static fn (BriefingStep $step): string => mb_strtolower($step->instruction),
                $this->steps($model),
            );
            [$a, $b] = [$this->at($order, $first), $this->at($order, $then, $first === 'body wholly down')];
            if ($a !== null && $b !== null) {
                $seen++;
                self::assertLessThan($b, $a, $model);
            }
        }
        self::assertGreaterThan(0, $seen, 'no machine is told both');
    }

    /** A law: under any house rules, with any features, what is said to come first does. */
    public function test_the_order_that_the_catalogue_names_holds_on_every_machine_and_under_every_rule(): void
    {
        $random = new \Random\Randomizer(new \Random\Engine\Mt19937(27));
        $catalogue = RealCatalogue::get();
        $features = array_keys(RealCatalogue::compiled()->trees['features.yaml']['features']);
        $rules = ['rule_cool_down_long', 'rule_horn_twice', 'rule_slope_chocked', 'rule_lanyard_always'];
        $pairs = 0;
        for ($case = 0; $case < 400; $case++) {
            $drawn = (string) $random->pickArrayKeys($catalogue->models, 1)[0];
            $model = RealCatalogue::withFeatures($catalogue->model($drawn), [
                ...array_map(static fn (int $at): string => $features[$at], $random->pickArrayKeys($features, 5)),
                ...array_map(static fn (int $at): string => $rules[$at], $random->pickArrayKeys($rules, 2)),
            ]);
            try {
                $told = (new ComposeBriefing($catalogue))->for($model);
            } catch (LimitNotKnown) {
                // Exhaust fluid on a machine whose model does not say how long it purges.
                continue;
            }
            $at = array_flip(array_map(static fn (BriefingStep $step): string => $step->id, $told));
            foreach ($catalogue->briefingSteps as $step) {
                foreach ($step->after as $before) {
                    if (isset($at[$step->id], $at[$before])) {
                        $pairs++;
                        self::assertLessThan(
                            $at[$step->id],
                            $at[$before],
                            "{$model->id}: {$before} before {$step->id}",
                        );
                    }
                }
            }
        }
        self::assertGreaterThan(5_000, $pairs);
    }

    public function test_whoever_knows_the_machine_hears_less_and_what_kills_each_time(): void
    {
        foreach (array_keys(RealCatalogue::get()->models) as $model) {
            $ids = fn (BriefingLength $length): array => array_map(
                static fn (BriefingStep $step): string => $step->id,
                $this->steps($model, $length),
            );
            [$full, $family, $known] = [
                $ids(BriefingLength::Full),
                $ids(BriefingLength::KnowsFamily),
                $ids(BriefingLength::KnowsModel),
            ];
            self::assertSame([], array_diff($family, $full));
            self::assertSame([], array_diff($known, $family));
            self::assertLessThan(count($full), count($known), $model);
            $kills = array_filter(
                $this->steps($model),
                static fn (BriefingStep $step): bool => $step->level === SignalWord::Danger,
            );
            self::assertSame(
                array_values(array_map(static fn (BriefingStep $step): string => $step->id, $kills)),
                $known,
            );
            self::assertGreaterThanOrEqual(4, count($known), $model);
            self::assertLessThan(
                BriefingTime::minutes($this->steps($model)),
                BriefingTime::minutes($this->steps($model, BriefingLength::KnowsModel)),
            );
        }
    }

    #[TestWith([null, null, BriefingLength::Full])]
    #[TestWith(['2026-11-26', null, BriefingLength::KnowsFamily])]
    #[TestWith(['2026-11-26', '2026-11-26', BriefingLength::KnowsModel])]
    #[TestWith(['2026-10-27', '2026-10-27', BriefingLength::KnowsModel])]
    #[TestWith(['2026-10-26', '2026-10-26', BriefingLength::KnowsFamily])]
    #[TestWith(['2025-11-26', '2025-11-26', BriefingLength::KnowsFamily])]
    #[TestWith(['2025-11-25', '2025-11-25', BriefingLength::Full])]
    #[TestWith(['2026-11-28', '2026-11-28', BriefingLength::Full])]
    public function test_how_long_ago_somebody_signed_says_how_much_they_hear(
        ?string $family,
        ?string $model,
        BriefingLength $shortest,
    ): void {
        $day = static fn (?string $text): ?CalendarDate => $text === null ? null : CalendarDate::parse($text);

        self::assertSame(
            $shortest,
            (new KnownFrom($day($family), $day($model)))->shortest(CalendarDate::parse('2026-11-27')),
        );
    }

    private function toldOf(string $model): string
    {
        return implode("\n", array_map(
            static fn (BriefingStep $step): string => "{$step->name}. {$step->instruction} "
                ."{$step->why} {$step->caution}",
            $this->steps($model),
        ));
    }

    /**
     * @param list<string> $order
     * @param bool $last the last of several
     */
    private function at(array $order, string $words, bool $last = false): ?int
    {
        $found = array_keys(array_filter($order, static fn (string $step): bool => str_contains($step, $words)));

        return $found === [] ? null : ($last ? $found[count($found) - 1] : $found[0]);
    }

    /** @return list<BriefingStep> */
    private function steps(string $model, BriefingLength $length = BriefingLength::Full): array
    {
        $catalogue = RealCatalogue::get();

        return (new ComposeBriefing($catalogue))->for($catalogue->model($model), $length);
    }
}
