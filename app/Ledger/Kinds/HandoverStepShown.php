<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Ledger\Contexts\WalkContext;
use App\Ledger\HandoverOfWalk;
use App\Ledger\IncomingEntry;
use App\Ledger\Judgements\NothingJudged;
use App\Ledger\Judgements\RecordedJudgement;
use App\Ledger\Payloads\HandoverStepShownPayload;
use App\Ledger\TellsTheCustomer;
use App\Models\Handover;
use App\Models\LedgerEntry;
use App\Models\User;

/**
 * One step of the briefing was shown.
 *
 * @implements TellsTheCustomer<HandoverStepShownPayload>
 */
final readonly class HandoverStepShown implements TellsTheCustomer
{
    public function __construct(private HandoverOfWalk $handover)
    {
    }

    public static function name(): string
    {
        return 'handover.step_shown';
    }

    public static function payload(): string
    {
        return HandoverStepShownPayload::class;
    }

    public function mayBePostedBy(User $user): bool
    {
        return $user->role->handsOver();
    }

    public function judge(IncomingEntry $entry, WalkContext $context): RecordedJudgement
    {
        HandoverOfWalk::releaseMustStand($context);
        $this->handover->stepMustBeKnown($entry->payload->step, $context);

        return new NothingJudged;
    }

    public function project(LedgerEntry $entry): void
    {
        $handover = Handover::ofEntry($entry);
        $handover->steps_shown = array_values(
            array_unique([...$handover->steps_shown, HandoverStepShownPayload::read($entry->payload())->step]),
        );
        $handover->save();
    }
}
