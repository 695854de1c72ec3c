<?php

declare(strict_types=1);

namespace JadeLedger\Core\Walk;

use JadeLedger\Core\Verdict\Outcome;

/**
 * Whether the machine may be brought into a state yet.
 *
 * Nothing is cranked "to see if it still runs": a check that has to stand before a state keeps everything from that
 * state on shut until it stands. A state in which less is alive is always open. Common practice, no source.
 */
final readonly class StateTransitionGuard
{
    public function __construct(private WalkPlan $plan)
    {
    }

    /**
     * @param array<string, Outcome> $outcomes by line key
     * @param list<string> $later keys of lines that were read as far as they can be now
     * @return list<PlannedLine> the lines in the way; none means yes
     */
    public function inTheWay(string $stageId, array $outcomes, array $later = []): array
    {
        $target = $this->plan->crossing($stageId)?->stage->state->hazardLevel() ?? 0;
        $blocking = [];
        foreach ($this->plan->lines() as $line) {
            $outcome = $outcomes[$line->key] ?? Outcome::Open;
            if ($outcome === Outcome::Open && in_array($line->key, $later, true)) {
                continue;
            }
            if ($line->gate !== null && $line->gate->state->hazardLevel() <= $target && $outcome !== Outcome::Stands) {
                $blocking[] = $line;
            }
        }

        return $blocking;
    }
}
