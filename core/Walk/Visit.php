<?php

declare(strict_types=1);

namespace JadeLedger\Core\Walk;

use JadeLedger\Core\Catalogue\Station;

/** A stop of the walk: a station, in one machine state, with the lines that are done there. */
final readonly class Visit
{
    /** @param  non-empty-list<PlannedLine>  $lines */
    public function __construct(
        public int $number,
        public string $stageId,
        public Station $station,
        public array $lines,
    ) {
    }

    public function seconds(): int
    {
        return array_sum(array_map(static fn (PlannedLine $line): int => $line->check->seconds, $this->lines));
    }
}
