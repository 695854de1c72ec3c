<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Ledger\EntryKind;
use App\Ledger\HandoverOfWalk;
use App\Ledger\IncomingEntry;
use App\Ledger\PostingContext;
use App\Models\Handover;
use App\Models\HireState;
use App\Models\HireStatus;
use App\Models\LedgerEntry;
use App\Models\MachineStanding;
use App\Models\MachineStatus;
use App\Models\User;

/** The person who was briefed signed; the machine is out. */
final readonly class HandoverSigned implements EntryKind
{
    public function __construct(private HandoverOfWalk $handover)
    {
    }

    public static function name(): string
    {
        return 'handover.signed';
    }

    public function mayBePostedBy(User $user): bool
    {
        return $user->role->handsOver();
    }

    public function judge(IncomingEntry $entry, PostingContext $context): array
    {
        $this->handover->mustBeReleased($context, $entry->recordedAt);
        HandoverOfWalk::everyStepMustBeShown($context);
        $gates = $entry->payload->gates ?? [];
        HandoverOfWalk::everyGateMustBePassed($context, is_array($gates) ? array_values($gates) : []);

        return [];
    }

    public function project(LedgerEntry $entry): void
    {
        $payload = $entry->payload();
        Handover::query()->where('walk_id', $entry->walk_id)->update([
            'signed_name' => $payload['name'],
            'signature' => json_encode($payload['signature'], JSON_THROW_ON_ERROR),
            'signed_at' => $entry->recorded_at->format('Y-m-d H:i:s.u'),
        ]);
        HireState::query()->where('hire_id', $entry->hire_id)->update(['standing' => HireStatus::Out, 'out_at' => $entry->recorded_at->format('Y-m-d H:i:s.u')]);
        MachineStatus::query()->where('machine_id', $entry->machine_id)->update(['standing' => MachineStanding::Out]);
    }
}
