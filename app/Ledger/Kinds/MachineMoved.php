<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\Contexts\MachineContext;
use App\Ledger\EntryOfMachine;
use App\Ledger\IncomingEntry;
use App\Ledger\Judgements\MachineMovedJudgement;
use App\Ledger\Judgements\RecordedJudgement;
use App\Ledger\Payloads\MachineMovedPayload;
use App\Models\LedgerEntry;
use App\Models\MachinePlace;
use App\Models\User;

/**
 * A machine was brought to another bay of the yard.
 *
 * @implements EntryOfMachine<MachineMovedPayload>
 */
final class MachineMoved implements EntryOfMachine
{
    public static function name(): string
    {
        return 'machine.moved';
    }

    public static function payload(): string
    {
        return MachineMovedPayload::class;
    }

    public function mayBePostedBy(User $user): bool
    {
        return $user->role->walks() || $user->role->handsOver();
    }

    public function judge(IncomingEntry $entry, MachineContext $context): RecordedJudgement
    {
        $context->mustBeInTheYard();
        $machine = $context->machine->loadMissing('place');
        if ($machine->presentBay() === $entry->payload->bay) {
            throw ApiProblem::because(
                ProblemName::StandsThereAlready,
                409,
                ['number' => $machine->fleet_number, 'bay' => $entry->payload->bay],
            );
        }

        return new MachineMovedJudgement($machine->presentBay());
    }

    public function project(LedgerEntry $entry): void
    {
        MachinePlace::query()->updateOrCreate(['machine_id' => $entry->machineId()], [
            'bay' => MachineMovedPayload::read($entry->payload())->bay,
            'since' => $entry->recorded_at,
            'entry_id' => $entry->id,
        ]);
    }
}
