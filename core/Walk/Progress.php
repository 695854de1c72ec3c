<?php

declare(strict_types=1);

namespace JadeLedger\Core\Walk;

use JadeLedger\Core\Verdict\Outcome;

/** What remains of a walk and how long it will take. */
final readonly class Progress
{
    /** @param  int  $linesShut lines that may not be done until something is mended */
    private function __construct(
        public int $linesDone,
        public int $linesLeft,
        public int $linesShut,
        public int $secondsLeft,
        public int $secondsPlanned,
    ) {
    }

    /**
     * @param array<string, Outcome> $outcomes by line key; a line that is missing is open
     * @param list<string> $stagesEntered
     */
    public static function of(WalkPlan $plan, array $outcomes, array $stagesEntered): self
    {
        $isOpen = static fn (PlannedLine $line): bool => ($outcomes[$line->key] ?? Outcome::Open) === Outcome::Open;
        $replanned = ReachableStates::after($plan, $outcomes);
        $open = array_filter($plan->lines(), $isOpen);
        $left = array_filter($replanned->lines(), $isOpen);
        $ahead = array_filter(
            $plan->crossings,
            static fn (Crossing $crossing): bool => ! in_array($crossing->stage->id, $stagesEntered, true) &&
                ! $replanned->isShut($crossing->stage->id),
        );
        $all = count($plan->lines());
        $seconds = array_sum(array_map(static fn (PlannedLine $line): int => $line->check->seconds, $left))
            + array_sum(array_map(static fn (Crossing $crossing): int => $crossing->seconds(), $ahead));
        $onFoot = $all === 0 ? 0 : (int) round($plan->secondsOnFoot() * count($left) / $all);

        return new self(
            $all - count($open),
            count($left),
            count($open) - count($left),
            $seconds + $onFoot,
            $plan->seconds(),
        );
    }
}
