<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Catalogue\CatalogueShelf;
use App\Models\Machine;
use App\Models\User;
use App\Models\Walk;
use App\Models\WalkPlanRecord;
use JadeLedger\Core\Walk\PlanWalk;

/** Takes the catalogue that a walk was planned with from the shelf and plans it again: the same in, the same out. */
final class ContextOfWalk
{
    /** @var array<string, PostingContext> */
    private array $known = [];

    public function __construct(private readonly CatalogueShelf $shelf)
    {
    }

    public function __invoke(Walk $walk, User $actor): PostingContext
    {
        $known = $this->known[$walk->id] ?? null;
        if ($known === null) {
            $version = WalkPlanRecord::query()->where('walk_id', $walk->id)->value('catalogue_version');
            $catalogue = $this->shelf->version((string) $version);
            $model = $catalogue->model((string) Machine::query()->whereKey($walk->machine_id)->value('model_id'));
            $known = new PostingContext($walk, $catalogue, $model, (new PlanWalk($catalogue))->for($model, $walk->movement), $actor);
            $this->known = [$walk->id => $known];
        }

        return new PostingContext($walk, $known->catalogue, $known->model, $known->plan, $actor);
    }
}
