<?php

declare(strict_types=1);

namespace App\Ledger\Contexts;

use App\Catalogue\CachedPlan;
use App\Catalogue\PlanCache;
use App\Catalogue\PlanName;
use App\Contract\JsonObject;
use App\Ledger\WalkSnapshot;
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
        return $this->named($walk, $actor, fn (): PlanName => self::planOf($walk));
    }

    /** Where it is known already which plan the walk has. */
    public function as(WalkSnapshot $snapshot, Walk $walk, User $actor): WalkContext
    {
        return $this->named($walk, $actor, static fn (): PlanName => $snapshot->plan ?? self::planOf($walk));
    }

    /** @param  \Closure(): PlanName  $plan */
    private function named(Walk $walk, User $actor, \Closure $plan): WalkContext
    {
        $kit = $this->known[$walk->id] ?? null;
        if ($kit === null) {
            $kit = $this->kits->stored($plan(), static fn (): string => (string) WalkPlanRecord::query()->toBase()
                ->where('walk_id', $walk->id)
                ->value('body'));
            $this->known = [$walk->id => $kit];
        }

        return new WalkContext($walk, $kit, $actor);
    }

    private static function planOf(Walk $walk): PlanName
    {
        $stored = DB::table('walk_plans')
            ->join('walks', 'walks.id', '=', 'walk_plans.walk_id')
            ->join('machines', 'machines.id', '=', 'walks.machine_id')
            ->where('walk_plans.walk_id', $walk->id)
            ->first(['walk_plans.catalogue_version', 'walk_plans.sha256', 'machines.model_id']);
        $stored = JsonObject::of($stored ?? throw new \LogicException("The walk {$walk->id} has no plan."));

        return new PlanName(
            $stored->string('catalogue_version'),
            $stored->string('model_id'),
            $stored->string('sha256'),
        );
    }
}
