<?php

declare(strict_types=1);

namespace App\Ledger\Contexts;

use App\Catalogue\CachedPlan;
use App\Catalogue\PlanCache;
use App\Models\Machine;
use App\Models\User;
use App\Models\Walk;
use App\Models\WalkPlanRecord;

/** Takes the catalogue that a walk was planned with from the shelf and plans it again: the same in, the same out. */
final class ContextOfWalk
{
    /** @var array<string, CachedPlan> by walk */
    private array $known = [];

    public function __construct(private readonly PlanCache $kits)
    {
    }

    public function __invoke(Walk $walk, User $actor): WalkContext
    {
        $kit = $this->known[$walk->id] ?? null;
        if ($kit === null) {
            $version = (string) WalkPlanRecord::query()->where('walk_id', $walk->id)->value('catalogue_version');
            $kit = $this->kits->of($version, (string) Machine::query()->whereKey($walk->machine_id)->value('model_id'), $walk->movement);
            $this->known = [$walk->id => $kit];
        }

        return new WalkContext($walk, $kit->catalogue, $kit->model, $kit->plan, $actor);
    }
}
