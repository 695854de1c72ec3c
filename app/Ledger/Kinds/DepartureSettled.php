<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\Contexts\WalkContext;
use App\Ledger\EntryOfWalk;
use App\Ledger\HandoverOfWalk;
use App\Ledger\IncomingEntry;
use App\Ledger\Judgements\NothingJudged;
use App\Ledger\Judgements\RecordedJudgement;
use App\Ledger\Payloads\DepartureOutcome;
use App\Ledger\Payloads\DepartureSettledPayload;
use App\Models\HireState;
use App\Models\HireStatus;
use App\Models\LedgerEntry;
use App\Models\MachineStanding;
use App\Models\MachineStatus;
use App\Models\Role;
use App\Models\User;

/**
 * The lead settled a machine that had left without a release: it was brought back and its walk goes on, or it stays
 * out, which is a release like any other and is computed as one.
 *
 * @implements EntryOfWalk<DepartureSettledPayload>
 */
final readonly class DepartureSettled implements EntryOfWalk
{
    public function __construct(private HandoverOfWalk $handover)
    {
    }

    public static function name(): string
    {
        return 'departure.settled';
    }

    public static function payload(): string
    {
        return DepartureSettledPayload::class;
    }

    public function mayBePostedBy(User $user): bool
    {
        return $user->role === Role::Lead;
    }

    public function judge(IncomingEntry $entry, WalkContext $context): RecordedJudgement
    {
        if ($context->walk->hire->refresh()->standing() !== HireStatus::Gone) {
            throw ApiProblem::because(ProblemName::NotGone, 409);
        }
        if ($entry->payload->how === DepartureOutcome::StaysOut) {
            $this->handover->mustLetGo($context, $entry->recordedAt);
        }

        return new NothingJudged;
    }

    public function project(LedgerEntry $entry): void
    {
        $staysOut = DepartureSettledPayload::read($entry->payload())->how === DepartureOutcome::StaysOut;
        HireState::query()->where('hire_id', $entry->hire_id)->update($staysOut
            ? ['standing' => HireStatus::Out, 'out_at' => $entry->recorded_at->format('Y-m-d H:i:s.u')]
            : ['standing' => HireStatus::WalkingOut]);
        MachineStatus::query()->where('machine_id', $entry->machineId())->update([
            'standing' => $staysOut ? MachineStanding::Out : MachineStanding::Walking,
        ]);
    }
}
