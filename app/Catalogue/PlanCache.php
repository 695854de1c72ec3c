<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Contract\JsonObject;
use Illuminate\Support\Facades\Cache;
use JadeLedger\Core\Catalogue\Catalogue;
use JadeLedger\Core\Check\Movement;
use JadeLedger\Core\Equipment\Features;
use JadeLedger\Core\Service\DueCheck;
use JadeLedger\Core\Service\Programme;
use JadeLedger\Core\Walk\PlanWalk;

/**
 * Kits in the memory that the workers share.
 *
 * A catalogue's version names all that a plan follows from, and the same in gives the same out; so what is kept under
 * it is never stale. A release that plans in another way starts new workers, and with them an empty memory.
 */
final class PlanCache
{
    /** What one worker holds; more models than these are at work in no hour of a yard. */
    private const MOST_IN_HAND = 128;

    /** Those that nobody asked for so long make room: seconds. */
    private const KEPT_SECONDS = 14 * 86_400;

    /** @var array<string, PlanOfModel|Catalogue|Programme|Features> the last one asked for stands last */
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

        return $this->with($plan->catalogueVersion, $this->held(
            $name,
            function () use ($plan, $text): PlanOfModel {
                $catalogue = $this->catalogue($plan->catalogueVersion, $plan->modelId);
                $model = $catalogue->model($plan->modelId);

                return new PlanOfModel(
                    $model,
                    (new StoredPlan($catalogue, $model))->read(JsonObject::parse($text())),
                );
            },
        ));
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
            return $this->with($version, $this->make($version, $modelId, $movement, $more));
        }

        return $this->with($version, $this->held(
            "today|{$version}|{$modelId}|{$movement->value}",
            fn (): PlanOfModel => $this->make($version, $modelId, $movement),
        ));
    }

    /** The part of today's catalogue that concerns a model: its checks, and what they are judged with. */
    public function concerning(string $modelId): Catalogue
    {
        return $this->catalogue($this->shelf->currentVersion(), $modelId);
    }

    /** What a model has, by the catalogue of today and the rules of the house. */
    public function featuresOf(string $modelId): Features
    {
        $version = $this->shelf->currentVersion();

        return $this->held("features|{$version}|{$modelId}", function () use ($version, $modelId): Features {
            $catalogue = $this->catalogue($version, $modelId);

            return $catalogue->featuresOf($catalogue->model($modelId));
        });
    }

    /** The service points of a model, as the catalogue of today has them. */
    public function programme(string $modelId): Programme
    {
        $version = $this->shelf->currentVersion();

        return $this->held("programme|{$version}|{$modelId}", function () use ($version, $modelId): Programme {
            $catalogue = $this->catalogue($version, $modelId);

            return $catalogue->programmeOf($catalogue->model($modelId));
        });
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

    /**
     * @template Kept of PlanOfModel|Catalogue|Programme|Features
     *
     * @param \Closure(): Kept $make
     * @return Kept
     */
    private function held(string $name, \Closure $make): PlanOfModel|Catalogue|Programme|Features
    {
        /** @var Kept $kept one name, one kind of thing */
        $kept = $this->inHand[$name] ?? Cache::store('shared')->remember($name, self::KEPT_SECONDS, $make);
        unset($this->inHand[$name]);
        $this->inHand[$name] = $kept;
        if (count($this->inHand) > self::MOST_IN_HAND) {
            array_shift($this->inHand);
        }

        return $kept;
    }

    private function with(string $version, PlanOfModel $of): CachedPlan
    {
        return new CachedPlan(
            $of->model,
            $of->plan,
            fn (): Catalogue => $this->catalogue($version, $of->model->id),
        );
    }

    /** @param  array<string, DueCheck>  $more  checks that the walk asks besides */
    private function make(string $version, string $modelId, Movement $movement, array $more = []): PlanOfModel
    {
        $catalogue = $this->catalogue($version, $modelId);
        $model = $catalogue->model($modelId);

        return new PlanOfModel($model, (new PlanWalk($catalogue))->for($model, $movement, $more));
    }

    /** The part that concerns the model. */
    private function catalogue(string $version, string $modelId): Catalogue
    {
        return $this->held("catalogue|{$version}|{$modelId}", function () use ($version, $modelId): Catalogue {
            $whole = $this->shelf->version($version);

            return $whole->concerning($whole->model($modelId));
        });
    }
}
