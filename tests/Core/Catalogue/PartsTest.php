<?php

declare(strict_types=1);

namespace Tests\Core\Catalogue;

use JadeLedger\Core\Check\Movement;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\RealCatalogue;

/**
 * A line is asked only of machines that have the part. What a family has and has not: facts of the trade, common
 * practice, no source.
 */
final class PartsTest extends TestCase
{
    private const LIFTS = ['boom_lift', 'scissor_lift', 'mast_lift'];

    /**
     * @param list<string> $checks
     * @param list<string> $families
     */
    #[
        TestWith(
            [['brk-pedal', 'brk-drive', 'trn-neutral-start', 'brk-park-lever'], ['tracked_excavator']],
            'an excavator on tracks has levers and no brake pedal',
        ),
    ]
    #[
        TestWith(
            [['brk-park-lever', 'trn-direction', 'hyd-drift', 'ctl-lift-lower'], self::LIFTS],
            'a platform has neither',
        ),
    ]
    #[TestWith([['ctl-lift-lower', 'hyd-drift'], ['roller']], 'a roller lifts nothing')]
    #[TestWith([['brk-park-lever', 'tyr-nuts'], ['pallet_truck']], 'a pallet truck has small wheels and no lever')]
    #[
        TestWith(
            [['cab-door', 'cab-window-latch', 'pto-shield', 'pto-speed'], ['ride_on_mower']],
            'a mower is open and its deck hangs under it',
        ),
    ]
    #[
        TestWith(
            [['art-steer-smooth'], ['tracked_excavator', 'dozer', 'mini_excavator']],
            'a crawler has no steering lock',
        ),
    ]
    #[
        TestWith(
            [['eng-oil-stick', 'cool-bottle', 'fuel-level'], ['scissor_lift', 'pallet_truck', 'power_stacker']],
            'a battery machine has no engine',
        ),
    ]
    public function test_what_a_family_has_not_is_not_asked_of_it(array $checks, array $families): void
    {
        $catalogue = RealCatalogue::get();
        $asked = [];
        foreach ($catalogue->models as $model) {
            foreach (in_array($model->familyId, $families, true) ? $checks : [] as $check) {
                foreach (Movement::cases() as $movement) {
                    if ($catalogue->check($check)->concerns($catalogue->featuresOf($model), $movement)) {
                        $asked[] = "{$check} of {$model->id}";
                    }
                }
            }
        }
        self::assertNotSame(
            [],
            array_filter($catalogue->models, static fn ($model): bool => in_array($model->familyId, $families, true)),
            'no model of the family',
        );
        self::assertSame([], array_values(array_unique($asked)));
    }

    #[TestWith([['cool-cap', 'cool-leak', 'cool-bottle'], ['mossgill_122', 'mossgill_97']], 'cooled by air')]
    #[TestWith([['saf-rops-up'], ['mossgill_t45']], 'a tractor with a cab')]
    #[TestWith([['mew-emerg-lower'], ['ardlow_38x', 'ardlow_20b']], 'lowered by auxiliary power')]
    public function test_what_a_model_has_not_is_not_asked_of_it(array $checks, array $models): void
    {
        $catalogue = RealCatalogue::get();
        foreach ($models as $model) {
            foreach ($checks as $check) {
                self::assertFalse(
                    $catalogue->check($check)->concerns(
                        $catalogue->featuresOf($catalogue->model($model)),
                        Movement::Checkout,
                    ),
                    "{$check} of {$model}",
                );
            }
        }
    }

    public function test_every_feature_lives_on_a_machine_or_comes_from_a_house_rule(): void
    {
        $catalogue = RealCatalogue::get();
        $lives = array_merge(
            ...array_map(static fn ($family): array => $family->features->names, array_values($catalogue->families)),
            ...array_map(static fn ($model): array => $model->features->names, array_values($catalogue->models)),
        );
        $named = array_filter(
            array_keys(RealCatalogue::compiled()->trees['features.yaml']['features']),
            static fn (string $name): bool => ! str_starts_with($name, 'rule_'),
        );

        self::assertNotSame([], $named);
        self::assertSame([], array_values(array_diff($named, $lives)));
    }
}
