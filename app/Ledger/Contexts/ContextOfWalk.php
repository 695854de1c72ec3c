<?php

declare(strict_types=1);

namespace App\Ledger\Contexts;

use App\Catalogue\CachedPlan;
use App\Catalogue\PlanCache;
use App\Contract\JsonObject;
use App\Models\User;
use App\Models\Walk;
use App\Models\WalkPlanRecord;
use Illuminate\Support\Facades\DB;

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
            $stored = DB::table('walk_plans')
                ->join('walks', 'walks.id', '=', 'walk_plans.walk_id')
                ->join('machines', 'machines.id', '=', 'walks.machine_id')
                ->where('walk_plans.walk_id', $walk->id)
                ->first(['walk_plans.catalogue_version', 'walk_plans.sha256', 'machines.model_id']);
            $stored = JsonObject::of($stored ?? throw new \LogicException("The walk {$walk->id} has no plan."));
            $kit = $this->kits->stored(
                $stored->string('catalogue_version'),
                $stored->string('model_id'),
                $stored->string('sha256'),
                static fn (): string => (string) WalkPlanRecord::query()->toBase()
                    ->where('walk_id', $walk->id)
                    ->value('body'),
            );
            $this->known = [$walk->id => $kit];
        }

        return new WalkContext($walk, $kit->catalogue, $kit->model, $kit->plan, $actor);
    }
}
