<?php

declare(strict_types=1);

namespace App\Catalogue;

use JadeLedger\Core\Catalogue\MachineModel;
use JadeLedger\Core\Walk\WalkPlan;

/** A model with the plan of its walk, as they are kept together. */
final readonly class PlanOfModel
{
    public function __construct(public MachineModel $model, public WalkPlan $plan)
    {
    }
}
