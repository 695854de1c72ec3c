<?php

declare(strict_types=1);

namespace App\Actions;

use App\Contract\Contract;
use App\Http\Problems\ApiProblem;
use App\Http\Problems\Problem;
use App\Http\Problems\ProblemName;
use App\Ledger\AnswersALine;
use App\Ledger\AppendEntry;
use App\Ledger\CheckSeconds;
use App\Ledger\ContextOfWalk;
use App\Ledger\DeviceClock;
use App\Ledger\DeviceMoment;
use App\Ledger\Doubt;
use App\Ledger\EntryClock;
use App\Ledger\EntryKind;
use App\Ledger\EntryKinds;
use App\Ledger\EntryResult;
use App\Ledger\IncomingEntry;
use App\Ledger\Kinds\DoubtSettled;
use App\Ledger\LiftAStop;
use App\Ledger\PostingContext;
use App\Ledger\PostingSession;
use App\Ledger\SecondCheck;
use App\Models\HireStatus;
use App\Models\LedgerEntry;
use App\Models\Machine;
use App\Models\User;
use App\Models\Walk;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use JadeLedger\Core\Catalogue\Movement;
use JadeLedger\Core\Ledger\CanonicalJson;
use JadeLedger\Core\Refusal;

/**
 * The one write path: takes a batch, stores what is valid and answers the rest entry by entry.
 *
 * One transaction, one lock on the machine. The client makes the ids, so the same batch may come twice, late, or out of
 * order, and nothing is doubled.
 */
final readonly class PostEntries
{
    /** Kinds that belong to the hire and not to the machine in front of somebody. */
    private const SETTLES = ['spread.explained', 'hire.closed'];

    /** What is posted to a walk whose machine left without a release. */
    private const SETTLE_A_DEPARTURE = ['departure.settled', 'doubt.settled'];

    /** What the lead looks into when there is time, also after the machine has left. */
    private const LOOKED_INTO_LATER = ['doubt.settled', 'fit.settled'];

    public function __construct(
        private Contract $contract,
        private EntryKinds $kinds,
        private AppendEntry $append,
        private ContextOfWalk $context,
        private LiftAStop $lift,
        private CheckSeconds $seconds,
    ) {
    }

    /**
     * @param list<mixed> $batch decoded JSON, objects as \stdClass
     * @return list<EntryResult>
     */
    public function __invoke(Walk $walk, array $batch, User $actor, ?DeviceClock $clock = null): array
    {
        $clock ??= DeviceClock::right();
        $seconds = ($this->seconds)($batch);

        return DB::transaction(function () use ($walk, $batch, $actor, $clock, $seconds): array {
            Machine::query()->whereKey($walk->machine_id)->lockForUpdate()->firstOrFail();

            $hand = PostingSession::forBatch($walk, $batch);

            return array_map(fn (mixed $raw): EntryResult => $this->one($hand, $raw, $actor, $clock, $seconds), $batch);
        }, 3);
    }

    /** @param  array<string, SecondCheck>  $seconds */
    private function one(PostingSession $hand, mixed $raw, User $actor, DeviceClock $clock, array $seconds): EntryResult
    {
        $id = $raw instanceof \stdClass && is_string($raw->id ?? null) ? mb_substr($raw->id, 0, 60) : null;
        try {
            // A savepoint: what a refused entry had begun to write is taken back, the rest of the batch stays.
            return DB::transaction(
                fn (): EntryResult => $this->post($hand, $this->shaped($raw, $clock, $seconds), $actor),
            );
        } catch (ApiProblem $refused) {
            return EntryResult::refused($id, $refused->problem);
        } catch (Refusal $no) {
            // One entry's rule is no reason to send the whole batch again, and again.
            return EntryResult::refused($id, Problem::ofRule($no));
        }
    }

    private function post(PostingSession $hand, IncomingEntry $entry, User $actor): EntryResult
    {
        $walk = $hand->walk();
        $before = $hand->known($entry->id);
        if ($before !== null) {
            return $this->same($before, $entry, $walk)
                ? EntryResult::already($before)
                : throw ApiProblem::because(ProblemName::IdAlreadyUsed, 409, ['id' => $entry->id]);
        }
        $kind = $this->kinds->named($entry->kind);
        if (! $kind->mayBePostedBy($actor)) {
            throw ApiProblem::because(ProblemName::NotYoursToDo, 403);
        }
        $this->mustBeWritable($hand, $entry);
        EntryClock::mustFit($entry->recordedAt, $walk->opened_at);
        $resting = $hand->restingOn($actor->id);
        $context = ($this->context)($walk, $actor)->restingOn($resting->stage);
        if ($resting->isInDoubt && $entry->kind !== DoubtSettled::name()) {
            $entry->doubts->add(Doubt::RestsOnDoubt);
        }
        $row = ($this->append)(
            $entry,
            $this->judged($hand, $kind, $entry, $context),
            $hand->head,
            $walk->hire_id,
            $walk->id,
            $actor,
        );
        $hand->posted($row, $kind);

        return EntryResult::posted($row);
    }

    /**
     * What rests on a doubt cannot be judged by the state of the walk, which does not know it: it is kept without a
     * judgement where the state is in its way, and judged when the lead takes it.
     *
     * @return array<string, mixed>
     */
    private function judged(PostingSession $hand, EntryKind $kind, IncomingEntry $entry, PostingContext $context): array
    {
        try {
            $judgement = $kind->judge($entry, $context);

            return $kind instanceof AnswersALine && $hand->isStopped($entry->text('line'))
                ? $judgement + $this->lift->byAnswer($entry, $judgement, $context)
                : $judgement;
        } catch (ApiProblem $refused) {
            if ($entry->doubts->isEmpty() || $refused->problem->status !== 409) {
                throw $refused;
            }

            return [];
        }
    }

    /** @param  array<string, SecondCheck>  $seconds */
    private function shaped(mixed $raw, DeviceClock $clock, array $seconds): IncomingEntry
    {
        $faults = $this->contract->faults('EntryInput', $raw);
        if ($faults === []) {
            $schema = Str::studly(str_replace('.', '_', $raw->kind)).'Payload';
            if (! $this->contract->has($schema)) {
                throw ApiProblem::because(ProblemName::NotYoursToDo, 403);
            }
            foreach ($this->contract->faults($schema, $raw->payload) as $path => $messages) {
                $faults["payload.{$path}"] = $messages;
            }
        }
        if ($faults !== []) {
            throw new ApiProblem(Problem::named(ProblemName::LookAtTheFields, 422, [], $faults));
        }
        $said = CarbonImmutable::parse($raw->recorded_at)->utc();
        // A sealed secret was checked and is not kept, not even sealed.
        $payload = (object) array_diff_key((array) $raw->payload, ['second_sealed' => true]);
        $entry = new IncomingEntry(
            strtolower($raw->id),
            $raw->kind,
            $clock->corrected($said),
            isset($raw->corrects) ? strtolower($raw->corrects) : null,
            $payload,
            $clock->isOff() ? new DeviceMoment($said, $clock->secondsAhead) : null,
            second: $seconds[strtolower($raw->id)] ?? null,
        );
        if ($clock->isBeyondBelief()) {
            $entry->doubts->add(Doubt::Clock);
        }

        return $entry;
    }

    private function same(LedgerEntry $before, IncomingEntry $entry, Walk $walk): bool
    {
        return $before->walk_id === $walk->id
            && $before->kind === $entry->kind
            && CanonicalJson::encode(json_decode($before->body, false, flags: JSON_THROW_ON_ERROR)->payload) === CanonicalJson::encode($entry->payload);
    }

    /**
     * A machine that left takes no more lines of its checkout; a return ends when another hire of the machine has
     * begun; a hire that is closed takes nothing. What settles the money of a hire is no line of its walk.
     */
    private function mustBeWritable(PostingSession $hand, IncomingEntry $entry): void
    {
        $walk = $hand->walk();
        $standing = $hand->standing();
        $over = $walk->movement === Movement::Checkout
            ? in_array($standing, [HireStatus::Out, HireStatus::WalkingIn, HireStatus::Returned, HireStatus::Closed], true)
            : $standing === HireStatus::Closed
                || (! in_array($entry->kind, self::SETTLES, true) && $hand->anotherHireHasBegun());
        if (
            $standing === HireStatus::Gone
            && $walk->movement === Movement::Checkout
            && ! in_array($entry->kind, self::SETTLE_A_DEPARTURE, true)
        ) {
            throw ApiProblem::because(ProblemName::GoneSettleFirst, 409);
        }
        if ($over && ! in_array($entry->kind, self::LOOKED_INTO_LATER, true)) {
            throw ApiProblem::because(ProblemName::WalkIsOver, 409, ['kind' => $entry->kind]);
        }
    }
}
