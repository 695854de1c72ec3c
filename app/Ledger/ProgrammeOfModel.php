<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Catalogue\PlanCache;
use App\Models\ServiceInterval;
use Illuminate\Support\Collection;
use JadeLedger\Core\Service\Programme;
use JadeLedger\Core\Service\ServicePoint;

/** The service points of a model as this yard keeps them: the catalogue's, with what the yard took from the manual. */
final class ProgrammeOfModel
{
    /** @var array<string, Programme> by model, as long as one request asks */
    private array $programmes = [];

    /** @var Collection<int, ServiceInterval>|null the last one of each point */
    private ?Collection $own = null;

    public function __construct(private readonly PlanCache $plans)
    {
    }

    public function of(string $modelId): Programme
    {
        return $this->programmes[$modelId] ??= $this->make($modelId);
    }

    /** @return array<string, ServiceInterval> by point */
    public function ownOf(string $modelId): array
    {
        $this->own ??= ServiceInterval::query()->with('setBy')->orderBy('id')->get();

        $own = [];
        foreach ($this->own->where('model_id', $modelId) as $interval) {
            $own[$interval->point] = $interval;
        }

        return $own;
    }

    private function make(string $modelId): Programme
    {
        $own = $this->ownOf($modelId);
        $programme = $this->plans->programme($modelId);

        return $own === [] ? $programme : Programme::of(array_map(
            static fn (ServicePoint $point): ServicePoint => isset($own[$point->id])
                ? $point->every($own[$point->id]->interval(), $own[$point->id]->authority())
                : $point,
            array_values($programme->points),
        ));
    }
}
