<?php

declare(strict_types=1);

namespace JadeLedger\Core\Walk;

use JadeLedger\Core\Catalogue\StationKind;
use JadeLedger\Core\State\Engine;

/**
 * Divides a walk by stations among the people who share it.
 *
 * Only while the engine stands still: as long as it runs, one person commands it and nobody else is near. The papers
 * and
 * the seat belong to the first of them, who carries the key. The stations of a state are cut where the way round is
 * cut,
 * so that each has one stretch of it, and the longest share is as short as can be. Common practice, no source.
 */
final readonly class DivideWalk
{
    public function __construct(private WalkPlan $plan)
    {
    }

    /**
     * @param positive-int $people
     * @return list<list<int>> numbers of the visits of each person, the one with the key first
     */
    public function among(int $people): array
    {
        $shares = array_fill(0, $people, []);
        foreach ($this->plan->crossings as $crossing) {
            $visits = array_values(
                array_filter(
                    $this->plan->visits,
                    static fn (Visit $visit): bool => $visit->stageId === $crossing->stage->id,
                ),
            );
            $around = array_values(
                array_filter(
                    $visits,
                    static fn (Visit $visit): bool => $visit->station->standing === StationKind::Beside,
                ),
            );
            $isStill = $crossing->stage->state->engine === Engine::Stopped;
            $ends = $isStill
                ? $this->ends($around, $this->seconds($visits) - $this->seconds($around), $people)
                : [count($around)];
            foreach ($visits as $visit) {
                $at = array_search($visit, $around, true);
                $person = 0;
                while ($at !== false && $person < count($ends) - 1 && $at >= $ends[$person]) {
                    $person++;
                }
                $shares[$person][] = $visit->number;
            }
        }

        return $shares;
    }

    /**
     * Where each share ends, so that the longest one is as short as can be; the first person has other things to do
     * besides.
     *
     * @param list<Visit> $visits along the way
     * @return list<int>
     */
    private function ends(array $visits, int $besides, int $people): array
    {
        if ($people === 1) {
            return [count($visits)];
        }
        $best = null;
        $shortest = PHP_INT_MAX;
        for ($first = 0; $first <= count($visits); $first++) {
            $rest = $this->ends(array_slice($visits, $first), 0, $people - 1);
            $ends = [$first, ...array_map(static fn (int $end): int => $end + $first, $rest)];
            $longest = $this->longest($visits, $ends, $besides);
            if ($longest < $shortest) {
                [$best, $shortest] = [$ends, $longest];
            }
        }

        return $best ?? [count($visits)];
    }

    /**
     * @param list<Visit> $visits
     * @param list<int> $ends
     */
    private function longest(array $visits, array $ends, int $besides): int
    {
        $longest = 0;
        foreach ($ends as $person => $end) {
            $from = $ends[$person - 1] ?? 0;
            $longest = max(
                $longest,
                $this->seconds(array_slice($visits, $from, $end - $from)) + ($person === 0 ? $besides : 0),
            );
        }

        return $longest;
    }

    /** @param  array<Visit>  $visits */
    private function seconds(array $visits): int
    {
        return array_sum(array_map(static fn (Visit $visit): int => $visit->seconds(), $visits));
    }
}
