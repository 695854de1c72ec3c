<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Ledger\EntryKind;
use App\Ledger\HandoverOfWalk;
use App\Ledger\IncomingEntry;
use App\Ledger\PostingContext;
use App\Models\Handover;
use App\Models\LedgerEntry;
use App\Models\User;

/** One step of the briefing was shown. */
final readonly class HandoverStepShown implements EntryKind
{
    public function __construct(private HandoverOfWalk $handover)
    {
    }

    public static function name(): string
    {
        return 'handover.step_shown';
    }

    public function mayBePostedBy(User $user): bool
    {
        return $user->role->handsOver();
    }

    public function judge(IncomingEntry $entry, PostingContext $context): array
    {
        $this->handover->mustBeReleased($context, $entry->recordedAt);
        HandoverOfWalk::stepMustBeKnown($entry->text('step'), $context);

        return [];
    }

    public function project(LedgerEntry $entry): void
    {
        $handover = Handover::query()->firstOrNew(['walk_id' => $entry->walk_id], ['hire_id' => $entry->hire_id, 'steps_shown' => []]);
        $handover->steps_shown = array_values(array_unique([...$handover->steps_shown, $entry->payload()['step']]));
        $handover->save();
    }
}
