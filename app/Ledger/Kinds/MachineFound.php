<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\Contexts\HireContext;
use App\Ledger\EntryOfHire;
use App\Ledger\IncomingEntry;
use App\Ledger\Judgements\RecordedJudgement;
use App\Ledger\LeavesWithoutWalk;
use App\Ledger\Payloads\Reasoned;
use App\Models\LedgerEntry;
use App\Models\User;

/**
 * A machine stands at the gate that nobody had out by this record. It gets a hire whose hirer somebody names later, so
 * that its return is walked as any other. Only a hire of nobody can begin so: whoever has a name is walked out, or is
 * said by the office to have left.
 *
 * @implements EntryOfHire<Reasoned>
 */
final class MachineFound implements EntryOfHire
{
    public static function name(): string
    {
        return 'machine.found';
    }

    public static function payload(): string
    {
        return Reasoned::class;
    }

    public function mayBePostedBy(User $user): bool
    {
        return $user->role->walks() || $user->role->settles();
    }

    public function judge(IncomingEntry $entry, HireContext $context): RecordedJudgement
    {
        if (! $context->hire->customer->is_nobody) {
            throw ApiProblem::because(ProblemName::HirerIsKnown, 409, ['folio' => $context->hire->folio]);
        }

        return LeavesWithoutWalk::judge($entry, $context);
    }

    public function project(LedgerEntry $entry): void
    {
        LeavesWithoutWalk::project($entry);
    }
}
