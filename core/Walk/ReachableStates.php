<?php

declare(strict_types=1);

namespace JadeLedger\Core\Walk;

use JadeLedger\Core\Verdict\Outcome;

/**
 * The walk as it goes on after what was found: what may no longer be done, what may, and because of what.
 *
 * A line that says stop shuts the state that it guards and every state in which at least as much is alive. Nothing of
 * the
 * plan is lost: when the line stands after the mend and the second reading, what was shut is there again.
 */
final readonly class ReachableStates
{
    /** @param  array<string, non-empty-list<PlannedLine>>  $shut by stage id: the lines that shut it */
    private function __construct(private WalkPlan $plan, public array $shut)
    {
    }

    /** @param  array<string, Outcome>  $outcomes by line key; a line that is missing is open */
    public static function after(WalkPlan $plan, array $outcomes): self
    {
        $shut = [];
        foreach ($plan->crossings as $crossing) {
            $because = array_values(array_filter(
                $plan->lines(),
                static fn (PlannedLine $line): bool => $line->gate !== null
                    && ($outcomes[$line->key] ?? Outcome::Open) === Outcome::Stop
                    && $line->gate->state->hazardLevel() <= $crossing->stage->state->hazardLevel(),
            ));
            if ($because !== []) {
                $shut[$crossing->stage->id] = $because;
            }
        }

        return new self($plan, $shut);
    }

    public function isShut(string $stageId): bool
    {
        return isset($this->shut[$stageId]);
    }

    /** @return list<PlannedLine> the lines that may still be done, in walking order */
    public function lines(): array
    {
        return array_values(
            array_filter($this->plan->lines(), fn (PlannedLine $line): bool => ! $this->isShut($line->stage->id)),
        );
    }
}
