<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Contract\JsonObject;
use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\Contexts\WalkContext;
use App\Ledger\Judgements\AnswerJudgement;
use App\Ledger\Judgements\StopLifted;
use App\Ledger\Payloads\CheckAnsweredPayload;
use App\Ledger\Payloads\EntryStruckPayload;
use App\Ledger\Payloads\LineAnswer;
use App\Ledger\Payloads\NamesSecond;
use App\Ledger\Payloads\Payload;
use App\Models\LedgerEntry;
use App\Models\Role;
use App\Words;
use JadeLedger\Core\People\AskedFor;
use JadeLedger\Core\Reading\LookAnswer;
use JadeLedger\Core\Verdict\Outcome;

/**
 * What is asked for before somebody takes back that a machine is stopped without mending it: a reason, and the lead or
 * another qualified person. Common practice, no source.
 */
final readonly class LiftAStop
{
    /** Once one of these came after it, something rests on the stop. */
    private const RESTS_ON_IT = [
        'state.crossed',
        'release.decided',
        'tag.hung',
        'repair.recorded',
        'tag.lifted',
        'handover.signed',
    ];

    public function __construct(private ConfirmSecond $second, private MustBeQualified $qualified)
    {
    }

    /**
     * A later answer to a line that says stop. One whose verdict asks for a top-up is lifted by reading it again, and
     * what was corrected on the spot, where the check allows it, by looking again.
     *
     * @param IncomingEntry<LineAnswer> $entry
     * @param AnswerJudgement $judgement of the new answer
     * @return StopLifted|null nothing when no stop is lifted
     */
    public function byAnswer(IncomingEntry $entry, AnswerJudgement $judgement, WalkContext $context): ?StopLifted
    {
        $line = $context->walk->lines()->where('key', $entry->payload->line)->first();
        if (
            $line === null
            || $line->outcome !== Outcome::Stop
            || ! $judgement->isValid
            || $judgement->outcome === Outcome::Stop
        ) {
            return null;
        }
        if (JsonObject::of($line->judgement ?? [])->optionalObject('verdict')?->has('top_up') === true) {
            return null;
        }
        if ($entry->payload instanceof CheckAnsweredPayload && $entry->payload->answer === LookAnswer::PutRight) {
            return StopLifted::putRight();
        }
        if (mb_strlen($entry->payload->liftReason) < 3) {
            throw ApiProblem::because(
                ProblemName::StopNeedsAReason,
                422,
                ['title' => $context->line($line->key)->check->title],
                ['lift_reason' => [Words::say('problems.stop_needs_a_reason.title')]],
            );
        }

        return $this->by($entry, $context);
    }

    /**
     * A strike of an entry that stops the machine.
     *
     * @param IncomingEntry<EntryStruckPayload> $entry
     */
    public function byStrike(IncomingEntry $entry, LedgerEntry $wrong, WalkContext $context): StopLifted
    {
        $rests = LedgerEntry::query()->where('machine_id', $wrong->machine_id)
            ->where('sequence', '>', $wrong->sequence)
            ->whereIn('kind', self::RESTS_ON_IT)
            ->exists();
        if ($rests) {
            throw ApiProblem::because(ProblemName::StopWasReliedOn, 409);
        }

        return $this->by($entry, $context);
    }

    /** @param  IncomingEntry<NamesSecond&Payload>  $entry */
    private function by(IncomingEntry $entry, WalkContext $context): StopLifted
    {
        if ($context->actor->role === Role::Lead) {
            return StopLifted::byLead();
        }
        if ($entry->payload->second() === null) {
            throw ApiProblem::because(
                ProblemName::StopNeedsAnother,
                403,
                [],
                ['second' => [Words::say('problems.stop_needs_another.title')]],
            );
        }
        $second = ($this->second)($entry, $context);
        ($this->qualified)($second, AskedFor::Operate, $context, $entry->recordedAt, $entry->doubts);

        return StopLifted::withSecond($second->id);
    }
}
