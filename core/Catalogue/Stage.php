<?php

declare(strict_types=1);

namespace JadeLedger\Core\Catalogue;

use JadeLedger\Core\Walk\MachineState;

/** A part of the walk during which the machine stays in one state. */
final readonly class Stage
{
    /** @param  list<StageLine>  $lines */
    public function __construct(
        public string $id,
        public string $title,
        public string $summary,
        public int $order,
        public MachineState $state,
        public int $seconds,
        public array $lines,
    ) {
    }

    /** @return list<StageLine> */
    public function linesFor(Features $features): array
    {
        return array_values(array_filter($this->lines, static fn (StageLine $line): bool => $line->applies->holdsFor($features)));
    }
}
