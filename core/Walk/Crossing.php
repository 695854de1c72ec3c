<?php

declare(strict_types=1);

namespace JadeLedger\Core\Walk;

use JadeLedger\Core\Catalogue\Stage;
use JadeLedger\Core\Catalogue\StageLine;
use JadeLedger\Core\State\MachineState;

/** The step into a machine state: what must be true now, confirmed line by line. */
final readonly class Crossing
{
    /** @param  list<StageLine>  $lines */
    public function __construct(public Stage $stage, public array $lines)
    {
    }

    public function seconds(): int
    {
        return $this->stage->seconds +
            array_sum(array_map(static fn (StageLine $line): int => $line->waitSeconds, $this->lines));
    }

    /**
     * The lines that are asked of a machine that comes from a state, and that nobody confirmed.
     *
     * What is asked follows from the difference of the two states, whichever order the walk takes.
     *
     * @param list<string> $confirmed
     * @return list<StageLine>
     */
    public function unconfirmed(array $confirmed, ?MachineState $before): array
    {
        return array_values(
            array_filter(
                $this->lines,
                static fn (StageLine $line): bool => $line->isAskedFrom($before) && ! in_array(
                    $line->id,
                    $confirmed,
                    true,
                ),
            ),
        );
    }
}
