<?php

declare(strict_types=1);

namespace App\Ledger\Contexts;

use App\Catalogue\CachedPlan;
use App\Catalogue\PlanCache;
use App\Models\Machine;
use App\Models\User;
use App\Models\Walk;
use App\Models\WalkPlanRecord;

/** Takes the catalogue that a walk was planned with, and the plan that its tablet has. */
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
            $stored = WalkPlanRecord::query()
                ->where('walk_id', $walk->id)
                ->firstOrFail(['catalogue_version', 'sha256']);
            $kit = $this->kits->stored(
                $stored->catalogue_version,
                (string) Machine::query()->toBase()->where('id', $walk->machine_id)->value('model_id'),
                $stored->sha256,
                static fn (): string => (string) WalkPlanRecord::query()->toBase()
                    ->where('walk_id', $walk->id)
                    ->value('body'),
            );
            $this->known = [$walk->id => $kit];
        }

        return new WalkContext($walk, $kit->catalogue, $kit->model, $kit->plan, $actor);
    }
}
