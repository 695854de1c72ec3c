<?php

declare(strict_types=1);

namespace App\Ledger\Scopes;

use App\Ledger\Actor;
use App\Ledger\ChainHead;
use App\Ledger\Contexts\YardContext;
use App\Ledger\EntryClock;
use App\Ledger\EntryKind;
use App\Ledger\EntryOfYard;
use App\Ledger\EntryPlace;
use App\Ledger\IncomingEntry;
use App\Ledger\Judgements\RecordedJudgement;
use App\Models\LedgerEntry;
use App\Models\Yard;

/** Entries of the yard itself. */
final class YardScope extends PostingScope
{
    /** @param  array<string, LedgerEntry>  $known  by id */
    public function __construct(private readonly Yard $yard, array $known)
    {
        parent::__construct(EntryPlace::yard($yard), $known, ChainHead::of($yard->id));
    }

    public function judge(EntryKind $kind, IncomingEntry $entry, Actor $actor): RecordedJudgement
    {
        EntryClock::mustBeRecent($entry->recordedAt);

        return $kind instanceof EntryOfYard
            ? $kind->judge($entry, new YardContext($this->yard, $actor))
            : throw self::notHere($kind);
    }
}
