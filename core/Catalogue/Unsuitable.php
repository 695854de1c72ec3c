<?php

declare(strict_types=1);

namespace JadeLedger\Core\Catalogue;

use JadeLedger\Core\Equipment\Applicability;

/** Machines that do not suit a place, why, and the families that would. */
final readonly class Unsuitable
{
    /** @param  non-empty-list<string>  $instead ids of families */
    public function __construct(
        public SiteAnswer $when,
        public Applicability $applies,
        public string $why,
        public array $instead,
    ) {
    }
}
