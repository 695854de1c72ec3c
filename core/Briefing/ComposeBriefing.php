<?php

declare(strict_types=1);

namespace JadeLedger\Core\Briefing;

use JadeLedger\Core\Catalogue\BriefingStep;
use JadeLedger\Core\Catalogue\Catalogue;
use JadeLedger\Core\Catalogue\MachineModel;
use JadeLedger\Core\Reading\WaitLimits;

/** Composes what a customer is told about one machine: starting it, working with it, stopping it, each in its order. */
final readonly class ComposeBriefing
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    /**
     * @param Stay|null $stay of the machine; none where it is not hired to anywhere
     * @return list<BriefingStep>
     */
    public function for(
        MachineModel $model,
        BriefingLength $length = BriefingLength::Full,
        ?Stay $stay = null,
    ): array {
        $stay ??= Stay::anywhere();
        $features = $this->catalogue->featuresOf($model);
        $seasons = SeasonRule::of($features);
        $steps = array_values(array_filter(
            $this->catalogue->briefingSteps,
            static fn (BriefingStep $step): bool => $step->applies->holdsFor($features)
                && $length->tells($step)
                && ! $stay->rulesOut($step, $seasons),
        ));
        usort($steps, self::inOrder(...));

        return array_map(static fn (BriefingStep $step): BriefingStep => self::timed($step, $model), $steps);
    }

    /** Where the model says how long something takes, that is what the clock shows. */
    private static function timed(BriefingStep $step, MachineModel $model): BriefingStep
    {
        $limit = $step->timerLimit === null ? null : $model->limit($step->timerLimit);

        return $limit instanceof WaitLimits ? $step->taking($limit->seconds) : $step;
    }

    private static function inOrder(BriefingStep $a, BriefingStep $b): int
    {
        return [$a->kind->rank(), $a->order, $a->id] <=> [$b->kind->rank(), $b->order, $b->id];
    }
}
