<?php

declare(strict_types=1);

/**
 * What a plan costs and how good it is.
 *
 * plan_compile_ms.<family>.p50 and .p95: planning a checkout and a return of every model of the family, catalogue in memory
 * plan_gap_percent.<stations>.mean and .max: the way within one state against the exact shortest one
 */

use JadeLedger\Core\Catalogue\Movement;
use JadeLedger\Core\Walk\PlanWalk;
use Tests\Support\RandomRound;
use Tests\Support\RealCatalogue;

require __DIR__.'/../vendor/autoload.php';

const ROUNDS = 15;
const MACHINES = [6 => 200, 8 => 120, 10 => 40, 12 => 25];

$figures = [];
$catalogue = RealCatalogue::get();
$plan = new PlanWalk($catalogue);
$taken = [];
for ($round = 0; $round < ROUNDS; $round++) {
    foreach ($catalogue->models as $model) {
        foreach (Movement::cases() as $movement) {
            $began = hrtime(true);
            $plan->for($model, $movement);
            $taken[$model->familyId][] = (hrtime(true) - $began) / 1e6;
        }
    }
}
ksort($taken);
foreach ($taken as $family => $milliseconds) {
    sort($milliseconds);
    $figures["plan_compile_ms.{$family}.p50"] = round($milliseconds[intdiv(count($milliseconds), 2)], 2);
    $figures["plan_compile_ms.{$family}.p95"] = round($milliseconds[(int) floor(count($milliseconds) * 0.95)], 2);
}
foreach (MACHINES as $stations => $machines) {
    $gaps = array_map(static fn (int $seed): float => RandomRound::of($stations, $stations * 100_000 + $seed)->gap() * 100, range(1, $machines));
    $figures["plan_gap_percent.{$stations}_stations.mean"] = round(array_sum($gaps) / count($gaps), 3);
    $figures["plan_gap_percent.{$stations}_stations.max"] = round(max($gaps), 3);
}
if (in_array('--json', $argv, true)) {
    echo json_encode($figures, JSON_PRETTY_PRINT), "\n";
} else {
    foreach ($figures as $name => $figure) {
        printf("%-58s %9.3f\n", $name, $figure);
    }
}
