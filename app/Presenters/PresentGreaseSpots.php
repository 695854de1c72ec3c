<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Catalogue\CatalogueRepository;
use JadeLedger\Core\Service\GreaseSpot;
use JadeLedger\Core\Service\ServicePoint;
use JadeLedger\Core\Walk\GreaseRound;
use JadeLedger\Core\Walk\Route;

/** The places of a service point on one machine, by name and in walking order. */
final readonly class PresentGreaseSpots
{
    public function __construct(private CatalogueRepository $shelf)
    {
    }

    /** @return list<array<string, mixed>> */
    public function of(ServicePoint $point, string $modelId): array
    {
        if ($point->spots === []) {
            return [];
        }
        $catalogue = $this->shelf->current();
        $model = $catalogue->model($modelId);
        $family = $catalogue->family($model->familyId);
        $rules = $catalogue->houseRules;
        $round = GreaseRound::on(
            $family,
            $catalogue->featuresOf($model),
            Route::round($family, $rules->startCorner, $rules->turn),
        );

        return array_map(static function (GreaseSpot $spot) use ($round): array {
            $place = $round->place($spot);

            return [
                'name' => $spot->name,
                'nipples' => $spot->nipples,
                'strokes' => $spot->strokes,
                'at' => $place === null ? null : ['x' => $place->x, 'y' => $place->y],
            ];
        }, $round->of($point));
    }

    public function drawing(string $modelId): string
    {
        $catalogue = $this->shelf->current();

        return $catalogue->family($catalogue->model($modelId)->familyId)->drawing;
    }
}
