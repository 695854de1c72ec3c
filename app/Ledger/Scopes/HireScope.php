<?php

declare(strict_types=1);

namespace App\Ledger\Scopes;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\Actor;
use App\Ledger\ChainHead;
use App\Ledger\Contexts\HireContext;
use App\Ledger\EntryClock;
use App\Ledger\EntryKind;
use App\Ledger\EntryOfHire;
use App\Ledger\EntryPlace;
use App\Ledger\IncomingEntry;
use App\Ledger\Judgements\RecordedJudgement;
use App\Models\Hire;
use App\Models\HireStatus;
use App\Models\LedgerEntry;

/** Entries of a hire, from whoever looks at its spread and not at its machine. */
final class HireScope extends PostingScope
{
    /** @param  array<string, LedgerEntry>  $known  by id */
    public function __construct(private readonly Hire $hire, array $known)
    {
        parent::__construct(EntryPlace::hire($hire), $known, ChainHead::of($hire->machine_id));
    }

    public function judge(EntryKind $kind, IncomingEntry $entry, Actor $actor): RecordedJudgement
    {
        EntryClock::mustBeRecent($entry->recordedAt);
        if ($this->hire->refresh()->standing() === HireStatus::Closed) {
            throw ApiProblem::because(ProblemName::WalkIsOver, 409, ['kind' => $entry->kind]);
        }

        return $kind instanceof EntryOfHire
            ? $kind->judge($entry, new HireContext($this->hire, $actor))
            : throw self::notHere($kind);
    }
}
