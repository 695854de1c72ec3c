<?php

declare(strict_types=1);

namespace App\Catalogue;

use JadeLedger\Core\Catalogue\Catalogue;
use JadeLedger\Core\Catalogue\MachineModel;
use JadeLedger\Core\Walk\WalkPlan;

/**
 * What every entry of a walk is judged with: the model, its plan, and the part of the catalogue that concerns it. Most
 * entries need no more than the plan, so the catalogue is fetched where it is asked for.
 */
final readonly class CachedPlan
{
    /** @param  \Closure(): Catalogue  $catalogue */
    public function __construct(public MachineModel $model, public WalkPlan $plan, private \Closure $catalogue)
    {
    }

    public function catalogue(): Catalogue
    {
        return ($this->catalogue)();
    }
}
