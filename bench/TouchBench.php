<?php

declare(strict_types=1);

namespace Bench;

use JadeLedger\Core\Catalogue\Catalogue;
use JadeLedger\Core\Catalogue\MachineModel;
use JadeLedger\Core\Check\Movement;
use JadeLedger\Core\Walk\CountTouches;
use JadeLedger\Core\Walk\PlannedLine;
use JadeLedger\Core\Walk\PlanWalk;
use JadeLedger\Core\Walk\WalkPlan;

/**
 * What a checkout costs the hand, from opening to decision, by family: with nothing carried, and walked in the day
 * before. Counted from the plan by the rules of the pages; the browser's story of the pallet truck counts real ones.
 */
final class TouchBench
{
    /** Touches and pages that are wanted with nothing carried, and with what was seen the day before. */
    private const WANTED = [
        'pallet_truck' => [[75, 20], [55, 18]],
        'tracked_excavator' => [[150, 45], [105, 40]],
        'boom_lift' => [[180, 50], [145, 45]],
    ];

    /** Seconds in which a carried line is affirmed. */
    private const AFFIRMED_SECONDS = 2;

    /** @return iterable<Figure> */
    public function figures(Catalogue $catalogue): iterable
    {
        $first = [];
        foreach ($catalogue->models as $model) {
            $first[$model->familyId] ??= $model;
        }
        ksort($first);
        foreach ($first as $family => $model) {
            yield from $this->ofFamily($catalogue, $family, $model);
        }
    }

    /** @return iterable<Figure> */
    private function ofFamily(Catalogue $catalogue, string $family, MachineModel $model): iterable
    {
        $plan = (new PlanWalk($catalogue))->for($model, Movement::Checkout);
        $stands = array_values(array_filter(
            $plan->lines(),
            static fn (PlannedLine $line): bool => $catalogue->houseRules->carried->daysOf($line->check) > 0,
        ));
        $keys = array_map(static fn (PlannedLine $line): string => $line->key, $stands);
        foreach (['nothing_carried' => [], 'in_yesterday' => $keys] as $when => $carried) {
            $effort = (new CountTouches($catalogue))->of($plan, $carried);
            $wanted = self::WANTED[$family][$when === 'in_yesterday' ? 1 : 0] ?? [null, null];
            $name = "{$family}.{$when}";
            yield Figure::atMost("touches_per_checkout.{$name}", $effort->touches(), 'touches', null, $wanted[0]);
            yield Figure::atMost("screens_per_checkout.{$name}", $effort->screens, 'screens', null, $wanted[1]);
            yield Figure::atMost("minutes_per_checkout.{$name}", $this->minutes($plan, $carried), 'min', null, null);
        }
    }

    /** @param  list<string>  $carried */
    private function minutes(WalkPlan $plan, array $carried): float
    {
        $spared = 0;
        foreach ($plan->lines() as $line) {
            $seconds = max(0, $line->check->seconds - self::AFFIRMED_SECONDS);
            $spared += in_array($line->key, $carried, true) ? $seconds : 0;
        }

        return ($plan->seconds() - $spared) / 60;
    }
}
