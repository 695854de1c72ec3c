<?php

declare(strict_types=1);

namespace App\Catalogue;

use JadeLedger\Core\Catalogue\Catalogue;
use JadeLedger\Core\Catalogue\MachineModel;
use JadeLedger\Core\Walk\WalkPlan;

/** What every entry of a walk is judged with: the model, its plan, and the part of the catalogue that concerns it. */
final readonly class CachedPlan
{
    public function __construct(public Catalogue $catalogue, public MachineModel $model, public WalkPlan $plan)
    {
    }
}
