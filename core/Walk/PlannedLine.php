<?php

declare(strict_types=1);

namespace JadeLedger\Core\Walk;

use JadeLedger\Core\Catalogue\Stage;
use JadeLedger\Core\Check\Check;
use JadeLedger\Core\Service\DueCheck;

/** One line of a walk: a check at one place of this machine, done in one state of it. */
final readonly class PlannedLine
{
    /**
     * @param string $key the check's id, followed by "@place" where the check is done in several places
     * @param Stage|null $gate the first stage that may not be entered until this line stands
     * @param DueCheck|null $due why this walk asks it, where walks do not ask it by themselves
     */
    public function __construct(
        public string $key,
        public Check $check,
        public string $place,
        public Stage $stage,
        public ?Stage $gate = null,
        public ?DueCheck $due = null,
    ) {
    }
}
