<?php

declare(strict_types=1);

namespace Bench;

use JadeLedger\Core\Catalogue\Catalogue;
use JadeLedger\Core\Catalogue\MachineModel;
use JadeLedger\Core\Check\Check;
use JadeLedger\Core\Check\Movement;
use JadeLedger\Core\Walk\PlanWalk;
use Tests\Support\RandomRound;

/**
 * What a plan costs, and how good it is.
 *
 * plan_compile_ms: planning a checkout or a return of each model of a family, the catalogue in memory. Floor: choosing
 * the checks that concern the machine, in no order. plan_gap_percent: the way within one state against the exact
 * shortest one.
 */
final class PlanBench
{
    private const ROUNDS = 15;

    private const WANTED_MS = 20.0;

    private const ROUNDS_BY_STATIONS = [6 => 200, 8 => 120, 10 => 40, 12 => 25];

    /** @return iterable<Figure> */
    public function figures(Catalogue $catalogue): iterable
    {
        $plan = new PlanWalk($catalogue);
        $byFamily = [];
        foreach ($catalogue->models as $model) {
            $byFamily[$model->familyId][] = $model;
        }
        ksort($byFamily);
        foreach ($byFamily as $family => $models) {
            $planned = $this->each($models, $plan->for(...));
            $floor = $this->each(
                $models,
                static fn (MachineModel $model, Movement $movement): array => self::chosen(
                    $catalogue,
                    $model,
                    $movement,
                ),
            );
            yield Figure::atMost(
                "plan_compile_ms.{$family}.p50",
                $planned->percentile(50),
                'ms',
                $floor->percentile(50),
                null,
            );
            yield Figure::atMost(
                "plan_compile_ms.{$family}.p95",
                $planned->percentile(95),
                'ms',
                $floor->percentile(95),
                self::WANTED_MS,
            );
        }
        foreach (self::ROUNDS_BY_STATIONS as $stations => $rounds) {
            $gaps = Spread::of(
                array_map(
                    static fn (int $seed): float => RandomRound::of(
                        $stations,
                        $stations * 100_000 + $seed,
                    )->gap() * 100,
                    range(1, $rounds),
                ),
            );
            yield Figure::atMost("plan_gap_percent.{$stations}_stations.mean", $gaps->mean(), 'percent', 0.0, null);
            yield Figure::atMost("plan_gap_percent.{$stations}_stations.max", $gaps->largest(), 'percent', 0.0, null);
        }
    }

    /**
     * @param list<MachineModel> $models
     * @param callable(MachineModel, Movement): mixed $call
     */
    private function each(array $models, callable $call): Spread
    {
        $taken = [];
        for ($round = 0; $round < self::ROUNDS; $round++) {
            foreach ($models as $model) {
                foreach (Movement::cases() as $movement) {
                    $began = hrtime(true);
                    $call($model, $movement);
                    $taken[] = (hrtime(true) - $began) / 1e6;
                }
            }
        }

        return Spread::of($taken);
    }

    /** @return array<string, Check> */
    private static function chosen(Catalogue $catalogue, MachineModel $model, Movement $movement): array
    {
        $features = $catalogue->featuresOf($model);

        return array_filter(
            $catalogue->checks,
            static fn (Check $check): bool => $check->concerns($features, $movement),
        );
    }
}
