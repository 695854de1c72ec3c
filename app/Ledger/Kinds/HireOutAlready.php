<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Ledger\Contexts\HireContext;
use App\Ledger\EntryOfHire;
use App\Ledger\IncomingEntry;
use App\Ledger\Judgements\RecordedJudgement;
use App\Ledger\LeavesWithoutWalk;
use App\Ledger\Payloads\Reasoned;
use App\Models\LedgerEntry;
use App\Models\User;

/**
 * A machine left without a walk in this record: before the yard began to keep it, or on paper. It is out since the
 * hire began, its return is walked as any other, and there is no Out column to hold it against.
 *
 * @implements EntryOfHire<Reasoned>
 */
final class HireOutAlready implements EntryOfHire
{
    public static function name(): string
    {
        return 'hire.out_already';
    }

    public static function payload(): string
    {
        return Reasoned::class;
    }

    public function mayBePostedBy(User $user): bool
    {
        return $user->role->settles();
    }

    public function judge(IncomingEntry $entry, HireContext $context): RecordedJudgement
    {
        return LeavesWithoutWalk::judge($entry, $context);
    }

    public function project(LedgerEntry $entry): void
    {
        LeavesWithoutWalk::project($entry);
    }
}
