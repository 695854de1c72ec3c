<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\EntryKind;
use App\Ledger\IncomingEntry;
use App\Ledger\PostingContext;
use App\Models\HireState;
use App\Models\HireStatus;
use App\Models\LedgerEntry;
use App\Models\MachineStanding;
use App\Models\MachineStatus;
use App\Models\User;
use JadeLedger\Core\Catalogue\Movement;

/**
 * The machine has left on a release that was signed out of reach of the yard and that the yard could not make. It
 * stands so until the lead has settled it: neither out on hire nor in the yard.
 */
final class DepartureReported implements EntryKind
{
    /** A machine that is released, or out, or back, is not gone without a release. */
    private const HERE = [HireStatus::WalkingOut, HireStatus::Held, HireStatus::Stopped];

    public static function name(): string
    {
        return 'departure.reported';
    }

    public function mayBePostedBy(User $user): bool
    {
        return $user->role->walks() || $user->role->handsOver();
    }

    public function judge(IncomingEntry $entry, PostingContext $context): array
    {
        if (
            $context->walk->movement !== Movement::Checkout
            || ! in_array($context->walk->hire->refresh()->standing(), self::HERE, true)
        ) {
            throw ApiProblem::because(ProblemName::NotGone, 409);
        }

        return [];
    }

    public function project(LedgerEntry $entry): void
    {
        HireState::query()->where('hire_id', $entry->hire_id)->update(['standing' => HireStatus::Gone]);
        MachineStatus::query()->where('machine_id', $entry->machine_id)->update(['standing' => MachineStanding::Gone]);
    }
}
