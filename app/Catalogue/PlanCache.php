<?php

declare(strict_types=1);

namespace App\Catalogue;

use Illuminate\Support\Facades\Cache;
use JadeLedger\Core\Catalogue\Movement;
use JadeLedger\Core\Walk\PlanWalk;

/**
 * Kits in the memory that the workers share.
 *
 * A catalogue's version names all that a plan follows from, and the same in gives the same out; so what is kept under it
 * is never stale. A release that plans in another way starts new workers, and with them an empty memory.
 */
final class PlanCache
{
    /** @var array<string, CachedPlan> */
    private array $inHand = [];

    public function __construct(private readonly CatalogueRepository $shelf)
    {
    }

    public function of(string $version, string $modelId, Movement $movement): CachedPlan
    {
        $name = "kit|{$version}|{$modelId}|{$movement->value}";

        return $this->inHand[$name] ??= Cache::store('shared')->rememberForever($name, fn (): CachedPlan => $this->make($version, $modelId, $movement));
    }

    /** Seconds that the walk is planned to take with the catalogue of today. */
    public function seconds(string $modelId, Movement $movement): int
    {
        $version = $this->shelf->currentVersion();

        return (int) Cache::store('shared')->rememberForever("seconds|{$version}|{$modelId}|{$movement->value}", fn (): int => $this->make($version, $modelId, $movement)->plan->seconds());
    }

    private function make(string $version, string $modelId, Movement $movement): CachedPlan
    {
        $whole = $this->shelf->version($version);
        $model = $whole->model($modelId);
        $catalogue = $whole->concerning($model);

        return new CachedPlan($catalogue, $model, (new PlanWalk($catalogue))->for($model, $movement));
    }
}
