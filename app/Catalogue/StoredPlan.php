<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Contract\JsonObject;
use JadeLedger\Core\Catalogue\Catalogue;
use JadeLedger\Core\Catalogue\Family;
use JadeLedger\Core\Catalogue\MachineModel;
use JadeLedger\Core\Catalogue\NotInTheCatalogue;
use JadeLedger\Core\Catalogue\Pace;
use JadeLedger\Core\Catalogue\Stage;
use JadeLedger\Core\Catalogue\Station;
use JadeLedger\Core\Check\Movement;
use JadeLedger\Core\Equipment\Features;
use JadeLedger\Core\Walk\Crossing;
use JadeLedger\Core\Walk\PlannedLine;
use JadeLedger\Core\Walk\Route;
use JadeLedger\Core\Walk\Visit;
use JadeLedger\Core\Walk\WalkPlan;

/**
 * Reads a plan as it was stored with its walk: which stops, which lines, in which states and in which order. Nothing is
 * planned anew, so a walk is judged by the plan that its tablet has, whatever a later release would plan.
 */
final readonly class StoredPlan
{
    private Family $family;

    private Features $features;

    private Pace $pace;

    /** @param  Catalogue  $catalogue  with which it was planned */
    public function __construct(private Catalogue $catalogue, private MachineModel $model)
    {
        $this->family = $catalogue->family($model->familyId);
        $this->features = $catalogue->featuresOf($model);
        $this->pace = $catalogue->paceOf($this->family->id);
    }

    /**
     * @param JsonObject $body as App\Presenters\PresentPlan wrote it
     *
     * @throws NotInTheCatalogue when it names what its catalogue does not know
     */
    public function read(JsonObject $body): WalkPlan
    {
        $rules = $this->catalogue->houseRules;
        $stages = $crossings = [];
        foreach ($this->catalogue->stages as $stage) {
            $stages[$stage->id] = $stage->on($this->model, $this->features, $this->pace->ofStage($stage));
        }
        foreach ($body->objects('stages') as $one) {
            $stage = $stages[$one->string('id')] ?? throw NotInTheCatalogue::named('stage', $one->string('id'));
            $crossings[] = new Crossing($stage, $stage->linesFor($this->features));
        }

        return new WalkPlan(
            Movement::from($body->string('movement')),
            Route::round($this->family, $rules->startCorner, $rules->turn),
            $crossings,
            array_map(fn (JsonObject $visit): Visit => $this->visit($visit, $stages), $body->objects('visits')),
        );
    }

    /** @param  array<string, Stage>  $stages */
    private function visit(JsonObject $visit, array $stages): Visit
    {
        $stage = $stages[$visit->string('stage')];
        $lines = array_map(
            fn (JsonObject $line): PlannedLine => $this->line($line->string('key'), $stage, $stages),
            $visit->objects('lines'),
        );

        return new Visit(
            $visit->integer('number'),
            $stage->id,
            $this->station($visit->string('station')),
            $lines === [] ? throw new \LogicException("The stop {$visit->integer('number')} has no line.") : $lines,
        );
    }

    /** @param  array<string, Stage>  $stages */
    private function line(string $key, Stage $stage, array $stages): PlannedLine
    {
        $parts = explode('@', $key, 2);
        $id = $parts[0];
        $check = $this->catalogue->checks[$id] ?? throw NotInTheCatalogue::named('check', $id);
        $places = array_filter(
            $this->model->placesOf($check),
            fn (string $one): bool => $this->family->stationFor($one) !== null,
        );

        return new PlannedLine(
            $key,
            $check->taking($this->pace->ofCheck($check)),
            $parts[1] ?? (string) reset($places),
            $stage,
            $check->standsBefore === null ? null : $stages[$check->standsBefore],
        );
    }

    private function station(string $id): Station
    {
        foreach ($this->family->stations as $station) {
            if ($station->id === $id) {
                return $station;
            }
        }
        throw NotInTheCatalogue::named('station', $id);
    }
}
