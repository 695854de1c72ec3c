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
            if (! in_array($ground->liftedBy, [Remedy::LeadsCondition, Remedy::Nothing], true)) {
                return false;
            }
        }

        return true;
    }

    /**
     * Whether the machine may leave on this decision, where the lead covered some grounds with conditions.
     *
     * @param list<string> $covered references of grounds that a condition was written for
     */
    public function letsGo(array $covered): bool
    {
        if ($this->decision === Decision::Released) {
            return true;
        }
        $needing = array_map(static fn (Ground $ground): string => $ground->reference, $this->needingConditions());

        return $this->mayBeReleasedWithConditions() && array_diff($needing, $covered) === [];
    }

    /**
     * What keeps the machine here although somebody released it before.
     *
     * @param list<string> $covered references of grounds that a condition was written for
     */
    public function gravestBeyond(array $covered): ?Ground
    {
        foreach ($this->grounds as $ground) {
            if ($ground->liftedBy !== Remedy::Nothing && ! in_array($ground->reference, $covered, true)) {
                return $ground;
            }
        }

        return null;
    }

    /** @return list<Ground> those that need a condition of the lead */
    public function needingConditions(): array
    {
        return array_values(
            array_filter(
                $this->grounds,
                static fn (Ground $ground): bool => $ground->liftedBy === Remedy::LeadsCondition,
            ),
        );
    }
}
