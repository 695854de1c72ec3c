<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Http\Problems\Refused;
use App\Models\Handover;
use JadeLedger\Core\Briefing\ComposeBriefing;
use JadeLedger\Core\Catalogue\BriefingStep;
use JadeLedger\Core\Catalogue\Movement;
use JadeLedger\Core\Release\Decision;

/** What has to be so before a machine is handed over. */
final class HandoverOfWalk
{
    public static function mustBeReleased(PostingContext $context): void
    {
        $released = [Decision::Released, Decision::ReleasedWithConditions];
        if ($context->walk->movement !== Movement::Checkout || ! in_array($context->walk->decision, $released, true)) {
            throw Refused::because('release_first', 409);
        }
    }

    public static function stepMustBeKnown(string $step, PostingContext $context): void
    {
        if (! in_array($step, self::steps($context), true)) {
            throw Refused::because('no_such_step', 422, ['step' => mb_substr($step, 0, 60)]);
        }
    }

    public static function everyStepMustBeShown(PostingContext $context): void
    {
        $shown = Handover::query()->find($context->walk->id)->steps_shown ?? [];
        $left = count(array_diff(self::steps($context), $shown));
        if ($left > 0) {
            throw Refused::because('steps_not_shown', 409, ['left' => $left]);
        }
    }

    /** @return list<string> */
    private static function steps(PostingContext $context): array
    {
        return array_map(static fn (BriefingStep $step): string => $step->id, (new ComposeBriefing($context->catalogue))->for($context->model));
    }
}
