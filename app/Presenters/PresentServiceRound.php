<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Catalogue\CatalogueWords;
use App\Catalogue\PlanCache;
use JadeLedger\Core\Catalogue\Point;
use JadeLedger\Core\Service\GreaseSpot;
use JadeLedger\Core\Service\ServicePoint;
use JadeLedger\Core\Walk\GreaseRound;
use JadeLedger\Core\Walk\Route;
use JadeLedger\Core\Walk\ServiceRound;

/** Where the service points of one machine are, and the places within each, in walking order. */
final readonly class PresentServiceRound
{
    public function __construct(private PlanCache $plans)
    {
    }

    public function drawing(string $modelId): string
    {
        $catalogue = $this->plans->concerning($modelId);

        return $catalogue->family($catalogue->model($modelId)->familyId)->drawing;
    }

    /**
     * @param list<ServicePoint> $points
     * @return array<string, array<string, mixed>> by the point's id
     */
    public function of(array $points, string $modelId): array
    {
        $catalogue = $this->plans->concerning($modelId);
        $model = $catalogue->model($modelId);
        $family = $catalogue->family($model->familyId);
        $rules = $catalogue->houseRules;
        $route = Route::round($family, $rules->startCorner, $rules->turn);
        $round = new ServiceRound($family, $model, $route);
        $greasing = GreaseRound::on($family, $catalogue->featuresOf($model), $route);
        $order = array_flip($round->order($points));
        $places = [];
        foreach ($points as $point) {
            $station = $round->stationOf($point);
            $places[$point->id] = [
                'walked' => $order[$point->id] + 1,
                'station' => $station === null ? null : CatalogueWords::say($station->name),
                'at' => $station === null ? null : ['x' => $station->shows->x, 'y' => $station->shows->y],
                'spots' => array_map(
                    static fn (GreaseSpot $spot): array => self::spot($spot, $greasing->place($spot)),
                    $greasing->of($point),
                ),
            ];
        }

        return $places;
    }

    /** @return array<string, mixed> */
    private static function spot(GreaseSpot $spot, ?Point $place): array
    {
        return [
            'name' => $spot->name,
            'nipples' => $spot->nipples,
            'strokes' => $spot->strokes,
            'at' => $place === null ? null : ['x' => $place->x, 'y' => $place->y],
        ];
    }
}
