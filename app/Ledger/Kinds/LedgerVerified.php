<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Ledger\Contexts\YardContext;
use App\Ledger\EntryOfYard;
use App\Ledger\IncomingEntry;
use App\Ledger\Judgements\NothingJudged;
use App\Ledger\Judgements\RecordedJudgement;
use App\Ledger\Payloads\LedgerVerifiedPayload;
use App\Ledger\PostedBySystem;
use App\Ledger\SystemPart;
use App\Models\LedgerEntry;
use App\Models\User;

/**
 * The nightly look at the whole ledger came to an end, and whether all of it held.
 *
 * @implements EntryOfYard<LedgerVerifiedPayload>
 */
final class LedgerVerified implements EntryOfYard, PostedBySystem
{
    public static function name(): string
    {
        return 'ledger.verified';
    }

    public static function payload(): string
    {
        return LedgerVerifiedPayload::class;
    }

    public function mayBePostedBy(User $user): bool
    {
        return false;
    }

    public function mayBePostedBySystem(SystemPart $part): bool
    {
        return $part === SystemPart::Schedule;
    }

    public function judge(IncomingEntry $entry, YardContext $context): RecordedJudgement
    {
        return new NothingJudged;
    }

    public function project(LedgerEntry $entry): void
    {
        // The entry itself is the record.
    }
}
