<?php

declare(strict_types=1);

namespace JadeLedger\Core\Walk;

use JadeLedger\Core\Catalogue\Check;

/** One line of a walk: a check at one place of this machine. */
final readonly class PlannedLine
{
    /** @param  string  $key the check's id, followed by "@place" where the check is done in several places */
    public function __construct(public string $key, public Check $check, public string $place)
    {
    }
}
