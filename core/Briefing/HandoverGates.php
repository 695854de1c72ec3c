<?php

declare(strict_types=1);

namespace JadeLedger\Core\Briefing;

use JadeLedger\Core\Catalogue\Catalogue;
use JadeLedger\Core\Catalogue\MachineModel;
use JadeLedger\Core\Check\Check;
use JadeLedger\Core\Check\Occasion;
use JadeLedger\Core\Paper\CalendarDate;

/**
 * What is asked before a machine is signed for: the operator's proof, the introduction. A gate is passed or it is not;
 * it is no line of the walk and tags no machine. Common practice, no source.
 */
final readonly class HandoverGates
{
    private const SHORTEST_NUMBER = 2;

    public function __construct(private Catalogue $catalogue)
    {
    }

    /** @return list<Check> */
    public function for(MachineModel $model): array
    {
        // House rules bring gates too.
        $features = $this->catalogue->featuresOf($model);

        return array_values(array_filter(
            $this->catalogue->checks,
            static fn (Check $check): bool => in_array(Occasion::Handover, $check->dueOn($features), true)
                && $check->applies->holdsFor($features),
        ));
    }

    /**
     * @param array<string, string> $passed the number that was written down, by gate; empty where none is asked
     * @return list<Check> the gates that are still shut
     */
    public function shut(MachineModel $model, array $passed): array
    {
        return array_values(array_filter(
            $this->for($model),
            static fn (Check $gate): bool => ! isset($passed[$gate->id])
                || ($gate->asksNumber && mb_strlen(trim($passed[$gate->id])) < self::SHORTEST_NUMBER),
        ));
    }

    /**
     * Proof that has ended opens no gate. Its last day still counts.
     *
     * @param array<string, CalendarDate> $until the last day of what was seen, by gate, where it says one
     * @return list<Check> the gates whose proof has ended
     */
    public function ended(MachineModel $model, array $until, CalendarDate $today): array
    {
        return array_values(array_filter(
            $this->for($model),
            static fn (Check $gate): bool => isset($until[$gate->id]) && $until[$gate->id]->isBefore($today),
        ));
    }
}
