<?php

declare(strict_types=1);

namespace JadeLedger\Core\Walk;

use JadeLedger\Core\Catalogue\Catalogue;
use JadeLedger\Core\Catalogue\Check;
use JadeLedger\Core\Catalogue\Family;
use JadeLedger\Core\Catalogue\Features;
use JadeLedger\Core\Catalogue\MachineModel;
use JadeLedger\Core\Catalogue\Movement;

/**
 * Plans a walk from what the machine is, what is happening and the yard's own rules.
 *
 * Checks are chosen by features and movement, grouped by the machine state they need, and within each state taken in
 * the order in which their stations lie on the way from the start corner round to the seat. A check that needs another
 * one first pulls its station behind that of the other. The same machine and rules always give the same walk.
 */
final readonly class PlanWalk
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    /** @throws NoSafeOrder when two checks of one state need each other first, or a check has no place to stand at */
    public function for(MachineModel $model, Movement $movement): WalkPlan
    {
        $family = $this->catalogue->family($model->familyId);
        $features = $this->catalogue->featuresOf($model);
        $rules = $this->catalogue->houseRules;
        $route = Route::round($family, $rules->startCorner, $rules->turn);

        $crossings = [];
        $visits = [];
        foreach ($this->catalogue->stages as $stage) {
            $lines = $this->linesOf($stage->id, $family, $features, $movement);
            if ($lines === []) {
                continue;
            }
            $crossings[] = new Crossing($stage, $stage->linesFor($features));
            foreach ((new OrderStage($family, $route))->of($stage->id, $lines) as $stop) {
                $visits[] = new Visit(count($visits) + 1, $stage->id, $stop->station, $stop->lines);
            }
        }

        return new WalkPlan($movement, $route, $crossings, $visits);
    }

    /** @return list<PlannedLine> */
    private function linesOf(string $stage, Family $family, Features $features, Movement $movement): array
    {
        $lines = [];
        foreach ($this->catalogue->checks as $check) {
            if ($check->stage === $stage && $check->concerns($features, $movement)) {
                $lines = [...$lines, ...$this->linesAtPlaces($check, $family)];
            }
        }

        return $lines;
    }

    /** @return list<PlannedLine> */
    private function linesAtPlaces(Check $check, Family $family): array
    {
        $places = array_values(array_filter($check->places, static fn (string $place): bool => $family->stationFor($place) !== null));
        if ($places === []) {
            throw NoSafeOrder::placeNowhere($check->id, $family->id);
        }

        return array_map(
            static fn (string $place): PlannedLine => new PlannedLine(count($places) > 1 ? "{$check->id}@{$place}" : $check->id, $check, $place),
            $places,
        );
    }
}
