<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Models\Repair;
use App\Models\Tag;
use App\Models\Walk;
use JadeLedger\Core\Catalogue\Catalogue;
use JadeLedger\Core\Release\MayTagIn;

/** Asks the core whether the tag on a walk's machine may come off. */
final readonly class TagInOfWalk
{
    public function __construct(private DecideReleaseOfWalk $release)
    {
    }

    public function __invoke(Walk $walk, Tag $tag, Catalogue $catalogue): MayTagIn
    {
        $repair = Repair::under($tag->id);

        return new MayTagIn($repair?->repaired_by_id, $this->release->judged($walk, $catalogue), $repair->due ?? []);
    }
}
