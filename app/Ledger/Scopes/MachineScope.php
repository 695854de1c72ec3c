<?php

declare(strict_types=1);

namespace App\Ledger\Scopes;

use App\Ledger\Actor;
use App\Ledger\ChainHead;
use App\Ledger\Contexts\MachineContext;
use App\Ledger\EntryClock;
use App\Ledger\EntryKind;
use App\Ledger\EntryOfMachine;
use App\Ledger\EntryPlace;
use App\Ledger\IncomingEntry;
use App\Ledger\Judgements\RecordedJudgement;
use App\Models\LedgerEntry;
use App\Models\Machine;

/** Entries of a machine that is on no walk, or whose walk they do not concern. */
final class MachineScope extends PostingScope
{
    /** @param  array<string, LedgerEntry>  $known  by id */
    public function __construct(private readonly Machine $machine, array $known)
    {
        parent::__construct(EntryPlace::machine($machine), $known, ChainHead::of($machine->id));
    }

    public function judge(EntryKind $kind, IncomingEntry $entry, Actor $actor): RecordedJudgement
    {
        EntryClock::mustBeRecent($entry->recordedAt);

        return $kind instanceof EntryOfMachine
            ? $kind->judge($entry, new MachineContext($this->machine, $actor))
            : throw self::notHere($kind);
    }
}
