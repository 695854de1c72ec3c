<?php

declare(strict_types=1);

namespace JadeLedger\Core\Briefing;

use JadeLedger\Core\Catalogue\BriefingKind;
use JadeLedger\Core\Catalogue\BriefingStep;
use JadeLedger\Core\Catalogue\Catalogue;
use JadeLedger\Core\Catalogue\MachineModel;
use JadeLedger\Core\Reading\WaitLimits;

/** Composes what a customer is told about one machine: startup first, then shutdown, each in its order. */
final readonly class ComposeBriefing
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    /** @return list<BriefingStep> */
    public function for(MachineModel $model): array
    {
        $features = $this->catalogue->featuresOf($model);
        $steps = array_values(array_filter($this->catalogue->briefingSteps, static fn (BriefingStep $step): bool => $step->applies->holdsFor($features)));
        usort($steps, static fn (BriefingStep $a, BriefingStep $b): int => [self::rank($a->kind), $a->order, $a->id] <=> [self::rank($b->kind), $b->order, $b->id]);

        return array_map(static fn (BriefingStep $step): BriefingStep => self::timed($step, $model), $steps);
    }

    /** Where the model says how long something takes, that is what the clock shows. */
    private static function timed(BriefingStep $step, MachineModel $model): BriefingStep
    {
        $limit = $step->timerLimit === null ? null : $model->limit($step->timerLimit);

        return $limit instanceof WaitLimits ? $step->taking($limit->seconds) : $step;
    }

    private static function rank(BriefingKind $kind): int
    {
        return $kind === BriefingKind::Startup ? 0 : 1;
    }
}
