<?php

declare(strict_types=1);

namespace JadeLedger\Core\Walk;

use JadeLedger\Core\Catalogue\Stage;
use JadeLedger\Core\Check\Check;
use JadeLedger\Core\Service\DueCheck;

/** A check that is due at one place of a machine, before it is known in which state of the walk it is done. */
final readonly class DueLine
{
    /**
     * @param string $key the check's id, followed by "@place" where the check is done in several places
     * @param DueCheck|null $due why this walk asks it, where walks do not ask it by themselves
     */
    public function __construct(
        public string $key,
        public Check $check,
        public string $place,
        public ?DueCheck $due = null,
    ) {
    }

    public function in(Stage $stage, ?Stage $gate): PlannedLine
    {
        return new PlannedLine($this->key, $this->check, $this->place, $stage, $gate, $this->due);
    }
}
