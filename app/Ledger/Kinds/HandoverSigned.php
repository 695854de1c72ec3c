<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Ledger\Contexts\WalkContext;
use App\Ledger\EntryOfWalk;
use App\Ledger\HandoverOfWalk;
use App\Ledger\IncomingEntry;
use App\Ledger\Judgements\NothingJudged;
use App\Ledger\Judgements\RecordedJudgement;
use App\Ledger\Payloads\HandoverSignedPayload;
use App\Ledger\Versioned;
use App\Models\Handover;
use App\Models\HireState;
use App\Models\HireStatus;
use App\Models\LedgerEntry;
use App\Models\MachineStanding;
use App\Models\MachineStatus;
use App\Models\User;

/**
 * The person who was briefed signed; the machine is out.
 *
 * @implements EntryOfWalk<HandoverSignedPayload>
 */
final readonly class HandoverSigned implements EntryOfWalk, Versioned
{
    public function __construct(private HandoverOfWalk $handover)
    {
    }

    public static function name(): string
    {
        return 'handover.signed';
    }

    public static function version(): int
    {
        return 2;
    }

    /** In the first form nothing was said of the gates. */
    public static function upcast(array $payload, int $from): array
    {
        return $payload + ['gates' => []];
    }

    public static function payload(): string
    {
        return HandoverSignedPayload::class;
    }

    public function mayBePostedBy(User $user): bool
    {
        return $user->role->handsOver();
    }

    public function judge(IncomingEntry $entry, WalkContext $context): RecordedJudgement
    {
        $this->handover->mustBeReleased($context, $entry->recordedAt);
        $this->handover->everyStepMustBeShown($context, $entry->payload->length, $entry->recordedAt);
        HandoverOfWalk::everyQuestionMustBeAnswered($context);
        HandoverOfWalk::mustBeSigned($entry->payload->signature);
        $this->handover->everyGateMustBePassed($context, $entry->payload->gates, $entry->recordedAt);

        return new NothingJudged;
    }

    public function project(LedgerEntry $entry): void
    {
        $payload = HandoverSignedPayload::read($entry->payload());
        Handover::query()
            ->where('walk_id', $entry->walkId())
            ->update([
                'signed_name' => $payload->name,
                'signature' => json_encode($payload->signature, JSON_THROW_ON_ERROR),
                'signed_at' => $entry->recorded_at->format('Y-m-d H:i:s.u'),
            ]);
        HireState::query()
            ->where('hire_id', $entry->hire_id)
            ->update(['standing' => HireStatus::Out, 'out_at' => $entry->recorded_at->format('Y-m-d H:i:s.u')]);
        MachineStatus::query()
            ->where('machine_id', $entry->machineId())
            ->update(['standing' => MachineStanding::Out]);
    }
}
