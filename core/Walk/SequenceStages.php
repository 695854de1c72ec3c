<?php

declare(strict_types=1);

namespace JadeLedger\Core\Walk;

use JadeLedger\Core\Catalogue\Stage;
use JadeLedger\Core\Equipment\Features;

/**
 * Chooses the machine states of a walk and gives each line to one of them.
 *
 * A line goes to the first chosen state that it needs, that comes after all the lines it has to wait for, and before
 * the state that it guards. Of all choices that give every line a place, the one with the fewest changes of state is
 * taken, and among those the one that costs the least time. The choice is exact: every set of states is looked at.
 */
final readonly class SequenceStages
{
    /**
     * @param list<Stage> $stages in the order in which a walk may come to them
     * @param string|null $begins the state in which the walk begins, where any of its lines can be done in it
     */
    public function __construct(private array $stages, private Features $features, private ?string $begins = null)
    {
    }

    /**
     * @param list<DueLine> $lines
     * @return array<string, non-empty-list<PlannedLine>> by stage id, in order; stages without a line are left out
     *
     * @throws NoSafeOrder when a line fits no state, or lines wait for each other
     */
    public function of(array $lines): array
    {
        if ($lines === []) {
            return [];
        }
        $lines = (new TopologicalSort)->of($lines);
        $fits = [];
        foreach ($lines as $line) {
            $fits[$line->key] = $this->stagesFor($line);
        }
        foreach ($this->choices(array_values(array_unique($fits))) as $choice) {
            $given = $this->give($lines, $fits, $choice);
            if ($given !== null) {
                return $given;
            }
        }
        throw NoSafeOrder::betweenStates(array_map(static fn (DueLine $line): string => $line->key, $lines));
    }

    /** The states in which a line may be done, as a set of bits. */
    private function stagesFor(DueLine $line): int
    {
        $before =
            $line->check->standsBefore === null ? count($this->stages) : $this->gateOf($line->check->standsBefore);
        $fits = 0;
        foreach ($this->stages as $at => $stage) {
            if ($at < $before && $line->check->needs->isMetBy($stage->state)) {
                $fits |= 1 << $at;
            }
        }

        return $fits === 0 ? throw NoSafeOrder::inNoState($line->check) : $fits;
    }

    /** Where the first stage stands that is at least as much alive as the one that is guarded. */
    private function gateOf(string $guarded): int
    {
        $live = $this->named($guarded)->state->hazardLevel();
        foreach ($this->stages as $at => $stage) {
            if ($stage->state->hazardLevel() >= $live) {
                return $at;
            }
        }

        return count($this->stages);
    }

    /**
     * @param list<int> $fits
     * @return list<int> every set of stages that has one for each line, the cheapest first
     */
    private function choices(array $fits): array
    {
        $seconds = array_map(
            fn (Stage $stage): int => (new Crossing($stage, $stage->linesFor($this->features)))->seconds(),
            $this->stages,
        );
        $costs = [0 => [0, 0]];
        $able = [];
        $useful = array_reduce($fits, static fn (int $all, int $fit): int => $all | $fit, 0);
        $begins = $useful & $this->bitOf($this->begins);
        for ($choice = 1; $choice < 1 << count($this->stages); $choice++) {
            if (($choice & ~$useful) !== 0) {
                continue;
            }
            // A set costs what it costs without its first stage, and that stage.
            $first = $choice & -$choice;
            [$changes, $without] = $costs[$choice ^ $first];
            $costs[$choice] = [$changes + 1, $without + $seconds[(int) log($first, 2)]];
            // One that does not begin where the walk has to is a part of others, and none itself.
            foreach ($begins === 0 ? $fits : [$begins, ...$fits] as $fit) {
                if (($fit & $choice) === 0) {
                    continue 2;
                }
            }
            $able[$choice] = $costs[$choice];
        }
        asort($able);

        return array_keys($able);
    }

    /**
     * @param list<DueLine> $lines each after those it waits for
     * @param array<string, int> $fits
     * @return array<string, non-empty-list<PlannedLine>>|null
     */
    private function give(array $lines, array $fits, int $choice): ?array
    {
        $stageOf = [];
        $given = [];
        foreach ($lines as $line) {
            $from = 0;
            foreach ($line->check->after as $other) {
                $from = max($from, $stageOf[$other] ?? 0);
            }
            $at = $from;
            while ($at < count($this->stages) && ($fits[$line->key] & $choice & 1 << $at) === 0) {
                $at++;
            }
            if ($at === count($this->stages)) {
                return null;
            }
            $stageOf[$line->check->id] = max($at, $stageOf[$line->check->id] ?? 0);
            $given[$at][] = $line->in(
                $this->stages[$at],
                $line->check->standsBefore === null ? null : $this->named($line->check->standsBefore),
            );
        }
        ksort($given);
        $byId = [];
        foreach ($given as $at => $ofStage) {
            $byId[$this->stages[$at]->id] = $ofStage;
        }

        return $byId;
    }

    private function bitOf(?string $id): int
    {
        foreach ($this->stages as $at => $stage) {
            if ($stage->id === $id) {
                return 1 << $at;
            }
        }

        return 0;
    }

    private function named(string $id): Stage
    {
        foreach ($this->stages as $stage) {
            if ($stage->id === $id) {
                return $stage;
            }
        }
        throw \JadeLedger\Core\Catalogue\NotInTheCatalogue::named('stage', $id);
    }
}
