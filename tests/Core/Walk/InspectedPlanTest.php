<?php

declare(strict_types=1);

namespace Tests\Core\Walk;

use JadeLedger\Core\Catalogue\Catalogue;
use JadeLedger\Core\Catalogue\Corner;
use JadeLedger\Core\Catalogue\FirstVisit;
use JadeLedger\Core\Catalogue\LimitNotKnown;
use JadeLedger\Core\Catalogue\StageLine;
use JadeLedger\Core\Catalogue\Turn;
use JadeLedger\Core\Check\Movement;
use JadeLedger\Core\Paper\CalendarDate;
use JadeLedger\Core\Service\PeriodicChecks;
use JadeLedger\Core\Walk\NoSafeOrder;
use JadeLedger\Core\Walk\PlanWalk;
use JadeLedger\Core\Walk\WalkPlan;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\PlanInspector;
use Tests\Support\RealCatalogue;

/**
 * Finished walks, read by somebody who does not know how they were planned. PLAN_CASES says how many: see
 * bin/model-test.
 */
final class InspectedPlanTest extends TestCase
{
    private static ?PlanInspector $inspector = null;

    #[TestWith([1])]
    #[TestWith([2])]
    public function test_no_walk_of_any_machine_is_complained_about(int $half): void
    {
        $random = new Randomizer(new Mt19937($half));
        $shipped = array_keys(RealCatalogue::get()->models);
        $names = array_keys(RealCatalogue::compiled()->trees['features.yaml']['features']);
        $planned = 0;
        for ($case = 0, $cases = intdiv((int) (getenv('PLAN_CASES') ?: 500), 2); $case < $cases; $case++) {
            $catalogue = RealCatalogue::inYard(
                $this->oneOf($random, Corner::cases()),
                $this->oneOf($random, Turn::cases()),
                $this->oneOf($random, FirstVisit::cases()),
            );
            $model = $catalogue->model($this->oneOf($random, $shipped));
            $more = $case < count($shipped) ? [] : array_map(
                static fn (int $at): string => $names[$at],
                (array) $random->pickArrayKeys($names, $random->getInt(1, 6)),
            );
            $movement = $this->oneOf($random, Movement::cases());
            $model = RealCatalogue::withFeatures($model, $more);
            try {
                // Every other walk asks what comes back with the calendar, too, as of a machine that is new here.
                $periodic = $case % 2 === 0
                    ? []
                    : PeriodicChecks::of($catalogue->checks, $catalogue->featuresOf($model))
                        ->due([], CalendarDate::parse('2026-12-01'));
                $plan = (new PlanWalk($catalogue))->for($model, $movement, $periodic);
            } catch (LimitNotKnown|NoSafeOrder) {
                continue;
            }
            $planned++;
            self::assertSame(
                [],
                self::inspector()->complaints(
                    self::asRead($plan),
                    $catalogue->featuresOf($model)->names,
                    $movement->occasion()->value,
                ),
                "{$model->id}, {$movement->value}, with ".implode(', ', $more),
            );
        }
        self::assertGreaterThan($cases / 3, $planned, 'hardly anything could be planned: nothing was tried');
    }

    public function test_the_inspector_finds_what_is_planted(): void
    {
        $catalogue = RealCatalogue::get();
        $this->finds(
            $catalogue,
            'dromvik_14c',
            fn (array $walk): array => $this->moved($walk, 'eng-oil-stick', 'running'),
            'eng-oil-stick has to stand before running',
        );
        $this->finds(
            $catalogue,
            'dromvik_14c',
            fn (array $walk): array => $this->moved($walk, 'eng-start', 'cold_isolated'),
            'eng-start wants engine',
        );
        $this->finds(
            $catalogue,
            'dromvik_14c',
            fn (array $walk): array => $this->moved($walk, 'saf-reverse-alarm', 'secured'),
            'trn-direction relies on saf-reverse-alarm',
        );
        $this->finds(
            $catalogue,
            'dromvik_14c',
            fn (array $walk): array => $this->without($walk, 'eng-oil-stick'),
            'eng-oil-stick is missing',
        );
        $this->finds(
            $catalogue,
            'dromvik_14c',
            fn (array $walk): array => $this->added($walk, 'turf-blade-stop', 'function'),
            'turf-blade-stop is asked of a machine that has no such part',
        );
        $this->finds(
            $catalogue,
            'brennock_a30',
            fn (array $walk): array => $this->unasked($walk, 'artic_free'),
            'nobody said artic_free',
        );
        $this->finds(
            $catalogue,
            'brennock_a30',
            fn (array $walk): array => $this->unasked($walk, 'isolator_on'),
            'nobody said isolator_on',
        );
        $this->finds(
            $catalogue,
            'brennock_a30',
            fn (array $walk): array => $this->unasked($walk, 'covers'),
            'nobody said covers',
        );
        $this->finds(
            $catalogue,
            'ardlow_38x',
            fn (array $walk): array => $this->moved($walk, 'mew-level', 'function'),
            'mew-level puts somebody on a platform that is worked from the ground',
        );
        $this->finds(
            $catalogue,
            'ardlow_38x',
            fn (array $walk): array => $this->moved($walk, 'saf-horn', 'function'),
            'saf-horn puts somebody on a platform that is worked from the ground',
        );
        $this->finds(
            $catalogue,
            'ardlow_38x',
            fn (array $walk): array => $this->moved($walk, 'mew-axle-raise', 'function_out'),
            'mew-axle-out relies on mew-axle-raise',
        );
        $this->finds(
            $catalogue,
            'ardlow_38x',
            fn (array $walk): array => $this->moved($walk, 'mew-speed-raised', 'function'),
            'mew-speed-raised relies on mew-axle-out',
        );
        $this->finds(
            $catalogue,
            'ardlow_38x',
            fn (array $walk): array => $this->moved($walk, 'mew-estop-ground', 'driving'),
            'mew-foot-nofunction relies on mew-estop-ground',
        );
        $this->finds(
            $catalogue,
            'ardlow_38x',
            fn (array $walk): array => $this->unasked($walk, 'second_person'),
            'nobody stands below',
        );
        $this->finds(
            $catalogue,
            'ardlow_38x',
            fn (array $walk): array => $this->moved($walk, 'mew-foot-nofunction', 'key_on'),
            'mew-foot-nofunction cranks in key_on',
        );
        $this->finds(
            $catalogue,
            'orrick_50d',
            fn (array $walk): array => $this->moved($walk, 'mst-fork-tips', 'cold_isolated'),
            'mst-fork-tips is looked at in cold_isolated, where nothing is held up',
        );
        $this->finds(
            $catalogue,
            'mossgill_122',
            fn (array $walk): array => $this->unasked($walk, 'let_down'),
            'nobody said let_down',
        );
    }

    public function test_a_boom_whose_axles_extend_is_tried_narrow_then_wide(): void
    {
        $plan = (new PlanWalk(($catalogue = RealCatalogue::get())))->for(
            $catalogue->model('ardlow_38x'),
            Movement::Checkout,
        );
        $inTurn = [
            'function', 'platform', 'driving', 'function_out', 'platform_out', 'drive_raised', 'drive_extended',
        ];
        $stages = array_column(self::asRead($plan), 'stage');

        self::assertSame($inTurn, array_values(array_intersect($stages, $inTurn)));
    }

    /** @param  callable(list<array<string, mixed>>): list<array<string, mixed>>  $spoil */
    private function finds(Catalogue $catalogue, string $modelId, callable $spoil, string $complaint): void
    {
        $model = $catalogue->model($modelId);
        $walk = self::asRead((new PlanWalk($catalogue))->for($model, Movement::Checkout));
        $features = $catalogue->featuresOf($model)->names;
        self::assertSame([], self::inspector()->complaints($walk, $features, 'checkout'));
        self::assertStringContainsString(
            $complaint,
            implode('; ', self::inspector()->complaints($spoil($walk), $features, 'checkout')),
        );
    }

    /** @return list<array{stage: string, asked: list<string>, lines: list<array{check: string, place: string}>}> */
    private static function asRead(WalkPlan $plan): array
    {
        $walk = [];
        $before = null;
        foreach ($plan->crossings as $crossing) {
            $walk[$crossing->stage->id] = [
                'stage' => $crossing->stage->id,
                'asked' => array_map(
                    static fn (StageLine $line): string => $line->id,
                    $crossing->unconfirmed([], $before),
                ),
                'lines' => [],
            ];
            $before = $crossing->stage->state;
        }
        foreach ($plan->visits as $visit) {
            foreach ($visit->lines as $line) {
                $walk[$visit->stageId]['lines'][] = ['check' => $line->check->id, 'place' => $line->place];
            }
        }

        return array_values($walk);
    }

    private function moved(array $walk, string $check, string $stage): array
    {
        return $this->added($this->without($walk, $check), $check, $stage);
    }

    private function without(array $walk, string $check): array
    {
        return array_map(
            static fn (array $step): array => [
                'lines' => array_values(
                    array_filter($step['lines'], static fn (array $line): bool => $line['check'] !== $check),
                ),
            ] + $step,
            $walk,
        );
    }

    private function added(array $walk, string $check, string $stage): array
    {
        self::assertContains($stage, array_column($walk, 'stage'));

        return array_map(
            static fn (array $step): array => $step['stage'] === $stage ? [
                'lines' => [
                    ...$step['lines'],
                    ['check' => $check, 'place' => str_starts_with($check, 'mew-level') ? 'platform' : 'seat'],
                ],
            ] + $step : $step,
            $walk,
        );
    }

    private function unasked(array $walk, string $line): array
    {
        return array_map(
            static fn (array $step): array => [
                'asked' => array_values(
                    array_filter($step['asked'], static fn (string $id): bool => ! str_starts_with($id, $line)),
                ),
            ] + $step,
            $walk,
        );
    }

    /**
     * @template T
     *
     * @param list<T> $from
     * @return T
     */
    private function oneOf(Randomizer $random, array $from): mixed
    {
        return $from[$random->getInt(0, count($from) - 1)];
    }

    private static function inspector(): PlanInspector
    {
        return self::$inspector ??= new PlanInspector(__DIR__.'/../../../catalogue');
    }
}
