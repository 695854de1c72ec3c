<?php

declare(strict_types=1);

namespace JadeLedger\Core\Briefing;

use JadeLedger\Core\Catalogue\BriefingKind;
use JadeLedger\Core\Catalogue\BriefingStep;
use JadeLedger\Core\Catalogue\Catalogue;
use JadeLedger\Core\Catalogue\MachineModel;

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

        return $steps;
    }

    private static function rank(BriefingKind $kind): int
    {
        return $kind === BriefingKind::Startup ? 0 : 1;
    }
}
