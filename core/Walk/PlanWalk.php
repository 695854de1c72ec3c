<?php

declare(strict_types=1);

namespace JadeLedger\Core\Walk;

use JadeLedger\Core\Catalogue\Catalogue;
use JadeLedger\Core\Catalogue\Family;
use JadeLedger\Core\Catalogue\LimitNotKnown;
use JadeLedger\Core\Catalogue\MachineModel;
use JadeLedger\Core\Catalogue\Pace;
use JadeLedger\Core\Catalogue\Stage;
use JadeLedger\Core\Check\Check;
use JadeLedger\Core\Check\Movement;
use JadeLedger\Core\Equipment\Features;
use JadeLedger\Core\Service\DueCheck;

/**
 * Plans a walk from what the machine is, what is happening and the yard's own rules.
 *
 * Checks are chosen by features and movement and given to as few machine states as will do; within each state they are
 * taken along the way from the start corner round to the seat. A check that needs another one first comes behind it.
 * The same machine and rules always give the same walk.
 */
final readonly class PlanWalk
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    /**
     * @param array<string, DueCheck> $more checks that this walk asks besides, by their ids
     *
     * @throws NoSafeOrder when checks need each other first, or a check has no place or no state to be done in
     * @throws LimitNotKnown when a step waits as long as the model asks, and the model does not say how long
     */
    public function for(MachineModel $model, Movement $movement, array $more = []): WalkPlan
    {
        $family = $this->catalogue->family($model->familyId);
        $features = $this->catalogue->featuresOf($model);
        $rules = $this->catalogue->houseRules;
        $route = Route::round($family, $rules->startCorner, $rules->turn);
        $pace = $this->catalogue->paceOf($family->id);
        $circuit = Circuit::of($features);
        $shorten = new RouteOptimizer($route);
        $order = new OrderStage($family, $route, $circuit);

        $crossings = [];
        $visits = [];
        $stages = array_column(array_map(
            static fn (Stage $stage): Stage => $stage->on($model, $features, $pace->ofStage($stage)),
            $rules->firstVisit->order($this->catalogue->stages),
        ), null, 'id');
        $sequence = new SequenceStages(array_values($stages), $features, self::begins($stages, $features, $movement));
        foreach ($sequence->of($this->due($model, $family, $features, $movement, $pace, $more)) as $id => $lines) {
            $crossings[] = new Crossing($stages[$id], $stages[$id]->linesFor($features));
            foreach ($circuit->rounds($order->of($id, $lines)) as $round) {
                foreach ($shorten->of($round) as $stop) {
                    $visits[] = new Visit(count($visits) + 1, $id, $stop->station, $stop->lines);
                }
            }
        }

        return new WalkPlan($movement, $route, $crossings, $visits);
    }

    /**
     * What is just back is hot: what may be hot is looked at first, and it cools meanwhile.
     *
     * @param array<string, Stage> $stages
     */
    private static function begins(array $stages, Features $features, Movement $movement): ?string
    {
        foreach ($movement === Movement::Return ? $stages : [] as $stage) {
            if ($stage->beginsReturn?->holdsFor($features) === true) {
                return $stage->id;
            }
        }

        return null;
    }

    /**
     * @param array<string, DueCheck> $more
     * @return list<DueLine>
     */
    private function due(
        MachineModel $model,
        Family $family,
        Features $features,
        Movement $movement,
        Pace $pace,
        array $more,
    ): array {
        $lines = [];
        foreach ($this->catalogue->checks as $check) {
            $isAsked = $check->concerns($features, $movement);
            $due = $isAsked ? null : ($more[$check->id] ?? null);
            if ($isAsked || ($due !== null && $check->applies->holdsFor($features))) {
                $taking = $check->taking($pace->ofCheck($check));
                array_push($lines, ...$this->atPlaces($taking, $model->placesOf($check), $family, $due));
            }
        }

        return $lines;
    }

    /**
     * @param list<string> $all where it is done on this model
     * @return list<DueLine>
     */
    private function atPlaces(Check $check, array $all, Family $family, ?DueCheck $due): array
    {
        $isThere = static fn (string $place): bool => $family->stationFor($place) !== null;
        $places = array_values(array_filter($all, $isThere));
        if ($places === []) {
            throw NoSafeOrder::placeNowhere($check->id, $family->id);
        }

        return array_map(
            static fn (string $place): DueLine => new DueLine(
                count($places) > 1 ? "{$check->id}@{$place}" : $check->id,
                $check,
                $place,
                $due,
            ),
            $places,
        );
    }
}
