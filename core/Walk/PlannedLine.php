<?php

declare(strict_types=1);

namespace JadeLedger\Core\Walk;

use JadeLedger\Core\Catalogue\Check;
use JadeLedger\Core\Catalogue\Stage;

/** One line of a walk: a check at one place of this machine, done in one state of it. */
final readonly class PlannedLine
{
    /**
     * @param string $key the check's id, followed by "@place" where the check is done in several places
     * @param Stage|null $gate the first stage that may not be entered until this line stands
     */
    public function __construct(public string $key, public Check $check, public string $place, public Stage $stage, public ?Stage $gate = null)
    {
    }
}
