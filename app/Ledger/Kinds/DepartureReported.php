<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\Contexts\WalkContext;
use App\Ledger\EntryOfWalk;
use App\Ledger\IncomingEntry;
use App\Ledger\Judgements\NothingJudged;
use App\Ledger\Judgements\RecordedJudgement;
use App\Ledger\Payloads\NoPayload;
use App\Models\HireState;
use App\Models\HireStatus;
use App\Models\LedgerEntry;
use App\Models\MachineStanding;
use App\Models\MachineStatus;
use App\Models\User;
use JadeLedger\Core\Check\Movement;

/**
 * The machine has left on a release that was signed out of reach of the yard and that the yard could not make. It
 * stands so until the lead has settled it: neither out on hire nor in the yard.
 *
 * @implements EntryOfWalk<NoPayload>
 */
final class DepartureReported implements EntryOfWalk
{
    /** A machine that is released, or out, or back, is not gone without a release. */
    private const HERE = [HireStatus::WalkingOut, HireStatus::Held, HireStatus::Stopped];

    public static function name(): string
    {
        return 'departure.reported';
    }

    public static function payload(): string
    {
        return NoPayload::class;
    }

    public function mayBePostedBy(User $user): bool
    {
        return $user->role->walks() || $user->role->handsOver();
    }

    public function judge(IncomingEntry $entry, WalkContext $context): RecordedJudgement
    {
        if (
            $context->walk->movement !== Movement::Checkout
            || ! in_array($context->walk->hire->refresh()->standing(), self::HERE, true)
        ) {
            throw ApiProblem::because(ProblemName::NotGone, 409);
        }

        return new NothingJudged;
    }

    public function project(LedgerEntry $entry): void
    {
        HireState::query()->where('hire_id', $entry->hire_id)->update(['standing' => HireStatus::Gone]);
        MachineStatus::query()->where('machine_id', $entry->machineId())->update(['standing' => MachineStanding::Gone]);
    }
}
