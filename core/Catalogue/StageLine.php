<?php

declare(strict_types=1);

namespace JadeLedger\Core\Catalogue;

/** One thing that must be true before a machine state counts as reached; confirmed by hand. */
final readonly class StageLine
{
    public function __construct(
        public string $id,
        public string $text,
        public string $why,
        public Applicability $applies,
        public int $waitSeconds,
    ) {
    }
}
