<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Contract\JsonObject;
use Illuminate\Support\Facades\Cache;
use JadeLedger\Core\Catalogue\Catalogue;
use JadeLedger\Core\Catalogue\MachineModel;
use JadeLedger\Core\Check\Movement;
use JadeLedger\Core\Service\DueCheck;
use JadeLedger\Core\Walk\PlanWalk;

/**
 * Kits in the memory that the workers share.
 *
 * A catalogue's version names all that a plan follows from, and the same in gives the same out; so what is kept under
 * it is never stale. A release that plans in another way starts new workers, and with them an empty memory.
 */
final class PlanCache
{
    /** Plans that one worker holds; more models than these are at work in no hour of a yard. */
    private const MOST_IN_HAND = 64;

    /** Those that nobody asked for so long make room: seconds. */
    private const KEPT_SECONDS = 14 * 86_400;

    /** @var array<string, CachedPlan> the last one asked for stands last */
    private array $inHand = [];

    public function __construct(private readonly CatalogueRepository $shelf)
    {
    }

    /**
     * The plan with which a walk was opened.
     *
     * @param \Closure(): string $text the plan as it is stored, asked for only where nobody read it before
     */
    public function stored(PlanName $plan, \Closure $text): CachedPlan
    {
        $name = "plan|{$plan->catalogueVersion}|{$plan->modelId}|{$plan->sha256}";

        return $this->held($name, function () use ($plan, $text): CachedPlan {
            [$catalogue, $model] = $this->catalogueOf($plan->catalogueVersion, $plan->modelId);

            return new CachedPlan(
                $catalogue,
                $model,
                (new StoredPlan($catalogue, $model))->read(JsonObject::parse($text())),
            );
        });
    }

    /**
     * What would be planned today.
     *
     * @param array<string, DueCheck> $more checks that the walk asks besides
     */
    public function today(string $modelId, Movement $movement, array $more = []): CachedPlan
    {
        $version = $this->shelf->currentVersion();
        if ($more !== []) {
            // As good as one for each machine and day: kept, they would only push out what many ask for.
            $held = $this->today($modelId, $movement);

            return new CachedPlan(
                $held->catalogue,
                $held->model,
                (new PlanWalk($held->catalogue))->for($held->model, $movement, $more),
            );
        }

        return $this->held(
            "today|{$version}|{$modelId}|{$movement->value}",
            fn (): CachedPlan => $this->make($version, $modelId, $movement),
        );
    }

    /** Seconds that the walk is planned to take with the catalogue of today. */
    public function seconds(string $modelId, Movement $movement): int
    {
        $version = $this->shelf->currentVersion();

        return (int) Cache::store('shared')->remember(
            "seconds|{$version}|{$modelId}|{$movement->value}",
            self::KEPT_SECONDS,
            fn (): int => $this->make($version, $modelId, $movement)->plan->seconds(),
        );
    }

    /** @param  \Closure(): CachedPlan  $make */
    private function held(string $name, \Closure $make): CachedPlan
    {
        $plan = $this->inHand[$name] ?? Cache::store('shared')->remember($name, self::KEPT_SECONDS, $make);
        unset($this->inHand[$name]);
        $this->inHand[$name] = $plan;
        if (count($this->inHand) > self::MOST_IN_HAND) {
            array_shift($this->inHand);
        }

        return $plan;
    }

    private function make(string $version, string $modelId, Movement $movement): CachedPlan
    {
        [$catalogue, $model] = $this->catalogueOf($version, $modelId);

        return new CachedPlan($catalogue, $model, (new PlanWalk($catalogue))->for($model, $movement));
    }

    /** @return array{Catalogue, MachineModel} the part that concerns the model */
    private function catalogueOf(string $version, string $modelId): array
    {
        $whole = $this->shelf->version($version);
        $model = $whole->model($modelId);

        return [$whole->concerning($model), $model];
    }
}
