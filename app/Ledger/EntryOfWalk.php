<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Http\Problems\ApiProblem;
use App\Ledger\Contexts\WalkContext;
use App\Ledger\Judgements\RecordedJudgement;
use App\Ledger\Payloads\Payload;

/**
 * A kind of entry that belongs to a walk.
 *
 * @template P of Payload
 *
 * @extends EntryKind<P>
 */
interface EntryOfWalk extends EntryKind
{
    /**
     * Asks the core; changes nothing.
     *
     * @param IncomingEntry<P> $entry
     * @return RecordedJudgement what is written beside the payload, and hashed with it
     *
     * @throws ApiProblem when the entry cannot stand
     */
    public function judge(IncomingEntry $entry, WalkContext $context): RecordedJudgement;
}
