<?php

declare(strict_types=1);

namespace App\Ledger;

/** A kind that parts of the application post by themselves. */
interface PostedBySystem
{
    public function mayBePostedBySystem(SystemPart $part): bool;
}
