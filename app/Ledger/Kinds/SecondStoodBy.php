<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Ledger\Contexts\WalkContext;
use App\Ledger\EntryOfWalk;
use App\Ledger\IncomingEntry;
use App\Ledger\Judgements\NothingJudged;
use App\Ledger\Judgements\RecordedJudgement;
use App\Ledger\Payloads\NoPayload;
use App\Models\LedgerEntry;
use App\Models\User;

/**
 * Somebody said from a session of their own that they stand by whoever works the machine.
 *
 * @implements EntryOfWalk<NoPayload>
 */
final class SecondStoodBy implements EntryOfWalk
{
    public static function name(): string
    {
        return 'second.stood_by';
    }

    public static function payload(): string
    {
        return NoPayload::class;
    }

    public function mayBePostedBy(User $user): bool
    {
        return $user->role->standsBy();
    }

    public function judge(IncomingEntry $entry, WalkContext $context): RecordedJudgement
    {
        return new NothingJudged;
    }

    public function project(LedgerEntry $entry): void
    {
        // The entry itself is what a crossing looks for.
    }
}
