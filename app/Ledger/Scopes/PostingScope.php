<?php

declare(strict_types=1);

namespace App\Ledger\Scopes;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\Actor;
use App\Ledger\ChainHead;
use App\Ledger\EntryKind;
use App\Ledger\EntryPlace;
use App\Ledger\IncomingEntry;
use App\Ledger\Judgements\RecordedJudgement;
use App\Ledger\Payloads\Payload;
use App\Models\LedgerEntry;

/**
 * What a batch is posted to, while it is posted: a walk, a hire, a machine or the yard, whose chain is locked.
 */
abstract class PostingScope
{
    /** @param  array<string, LedgerEntry>  $known  those of the batch's entries that the ledger has already, by id */
    protected function __construct(
        public readonly EntryPlace $place,
        private readonly array $known,
        public readonly ChainHead $head,
    ) {
    }

    /**
     * What the core says of an entry.
     *
     * @param EntryKind<Payload> $kind
     * @param IncomingEntry<Payload> $entry
     *
     * @throws ApiProblem when it cannot stand
     */
    abstract public function judge(EntryKind $kind, IncomingEntry $entry, Actor $actor): RecordedJudgement;

    /** The entry that stands under this id, if there is one: from before, or from earlier in the batch. */
    final public function known(string $id): ?LedgerEntry
    {
        return $this->known[$id]
            ?? ($this->head->has($id) ? LedgerEntry::query()->where('id', $id)->first() : null);
    }

    /** @param  EntryKind<Payload>  $kind */
    public function posted(LedgerEntry $entry, EntryKind $kind): void
    {
        $this->head->moveTo($entry);
    }

    /** @param  EntryKind<Payload>  $kind */
    final protected static function notHere(EntryKind $kind): ApiProblem
    {
        return ApiProblem::because(ProblemName::NotPostedHere, 422, ['kind' => $kind::name()]);
    }
}
