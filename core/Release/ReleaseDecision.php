<?php

declare(strict_types=1);

namespace JadeLedger\Core\Release;

/** The decision and why. */
final readonly class ReleaseDecision
{
    /** @param  list<Ground>  $grounds gravest first */
    public function __construct(public Decision $decision, public array $grounds)
    {
    }

    /**
     * Whether the lead may release with conditions: only when nothing is left but what a condition can carry.
     *
     * An unanswered hold check has to be answered first; stop is out of reach for everybody.
     */
    public function mayBeReleasedWithConditions(): bool
    {
        if ($this->decision !== Decision::Held) {
            return false;
        }
        foreach ($this->grounds as $ground) {
            if (! in_array($ground->liftedBy, [LiftedBy::LeadsCondition, LiftedBy::Nothing], true)) {
                return false;
            }
        }

        return true;
    }

    /** @return list<Ground> those that need a condition of the lead */
    public function needingConditions(): array
    {
        return array_values(array_filter($this->grounds, static fn (Ground $ground): bool => $ground->liftedBy === LiftedBy::LeadsCondition));
    }
}
