<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Ledger\Contexts\WalkContext;
use App\Ledger\Judgements\AnswerJudgement;
use App\Ledger\Payloads\LineAnswer;

/**
 * A kind that answers a line of a walk and moves nothing else, so that the walk need not be read again after it.
 *
 * @template P of LineAnswer
 *
 * @extends EntryOfWalk<P>
 */
interface AnswersALine extends EntryOfWalk
{
    /** @param  IncomingEntry<P>  $entry */
    public function judge(IncomingEntry $entry, WalkContext $context): AnswerJudgement;
}
