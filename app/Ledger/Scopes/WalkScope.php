<?php

declare(strict_types=1);

namespace App\Ledger\Scopes;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\Actor;
use App\Ledger\AnswersALine;
use App\Ledger\ChainHead;
use App\Ledger\Contexts\ContextOfWalk;
use App\Ledger\Contexts\HireContext;
use App\Ledger\Contexts\MachineContext;
use App\Ledger\Contexts\WalkContext;
use App\Ledger\Doubt;
use App\Ledger\EntryClock;
use App\Ledger\EntryKind;
use App\Ledger\EntryOfHire;
use App\Ledger\EntryOfMachine;
use App\Ledger\EntryOfWalk;
use App\Ledger\EntryPlace;
use App\Ledger\IncomingEntry;
use App\Ledger\Judgements\AnswerJudgement;
use App\Ledger\Judgements\NothingJudged;
use App\Ledger\Judgements\RecordedJudgement;
use App\Ledger\Kinds\CheckAnswered;
use App\Ledger\Kinds\DoubtSettled;
use App\Ledger\Kinds\EntryStruck;
use App\Ledger\LiftAStop;
use App\Ledger\Payloads\Payload;
use App\Ledger\RestingOn;
use App\Ledger\TellsTheCustomer;
use App\Ledger\WalkSnapshot;
use App\Models\HireStatus;
use App\Models\LedgerEntry;
use App\Models\Walk;
use App\Models\WalkLine;
use App\Texts;
use Illuminate\Support\Facades\DB;
use JadeLedger\Core\Check\Movement;
use JadeLedger\Core\Verdict\Outcome;

/**
 * A walk while a batch is posted to it: read once under the machine's lock, and anew only after an entry that moved it.
 * Entries of its hire and its machine may be posted along with its own.
 */
final class WalkScope extends PostingScope
{
    /** What is posted to a walk whose machine left without a release. */
    private const SETTLE_A_DEPARTURE = ['departure.settled', 'doubt.settled'];

    /** What is posted also after the machine has left: what the lead looks into, and who else signs for it. */
    private const AFTER_IT_LEFT = ['doubt.settled', 'fit.settled', 'handover.also_signed'];

    private ?WalkSnapshot $snapshot;

    private ?bool $another = null;

    private ?RestingOn $resting = null;

    /** @var list<string>|null by line */
    private ?array $stopped = null;

    /** @param  array<string, LedgerEntry>  $known  by id */
    public function __construct(
        private readonly Walk $walk,
        array $known,
        private readonly ContextOfWalk $context,
        private readonly LiftAStop $lift,
    ) {
        $this->snapshot = WalkSnapshot::read($walk);
        parent::__construct(EntryPlace::walk($walk), $known, ChainHead::in($this->snapshot));
    }

    public function judge(EntryKind $kind, IncomingEntry $entry, Actor $actor): RecordedJudgement
    {
        $this->mustBeWritable($kind, $entry);
        EntryClock::mustFit($entry->recordedAt, $this->walk()->opened_at);
        if ($kind instanceof EntryOfHire) {
            return $kind->judge($entry, new HireContext($this->walk()->hire, $actor));
        }
        if ($kind instanceof EntryOfMachine) {
            return $kind->judge($entry, new MachineContext($this->walk()->machine, $actor));
        }
        if (! $kind instanceof EntryOfWalk || $actor->person === null) {
            throw self::notHere($kind);
        }
        $snapshot = $this->snapshot();
        $resting = $this->resting ??= $snapshot->doubts === 0
            ? RestingOn::nothing()
            : RestingOn::of($this->walk->id, $actor->person->id);
        if ($resting->isInDoubt && $entry->kind !== DoubtSettled::name()) {
            $entry->doubts->add(Doubt::RestsOnDoubt);
        }

        if ($actor->isEnteredForAnother() && ! $actor->isVouchedForByTheLead()) {
            $entry->doubts->add(Doubt::EnteredForAnother);
        }

        return $this->judged(
            $kind,
            $entry,
            $this->context->as($snapshot, $this->walk, $actor->person)->restingOn($resting->stage)->saidBy($actor),
        );
    }

    public function posted(LedgerEntry $entry, EntryKind $kind): void
    {
        $movesNothing = $kind instanceof AnswersALine || $kind instanceof TellsTheCustomer;
        if (
            ! $movesNothing
            || $entry->judgement()->optionalObject('verdict')?->string('outcome') === Outcome::Stop->value
        ) {
            $this->stopped = null;
        }
        if ($entry->doubts() !== [] || $kind instanceof DoubtSettled) {
            $this->resting = null;
        }
        parent::posted($entry, $kind);
        $isStopKnown = $this->stopped !== null || $kind instanceof TellsTheCustomer;
        if (! $movesNothing || ! $isStopKnown || $this->resting === null) {
            $this->snapshot = null;
        }
    }

    /**
     * What rests on a doubt cannot be judged by the state of the walk, which does not know it: it is kept without a
     * judgement where the state is in its way, and judged when the lead takes it.
     *
     * @param EntryOfWalk<Payload> $kind
     * @param IncomingEntry<Payload> $entry
     */
    private function judged(EntryOfWalk $kind, IncomingEntry $entry, WalkContext $context): RecordedJudgement
    {
        try {
            $judgement = $kind->judge($entry, $context);

            return $judgement instanceof AnswerJudgement && $this->isStopped($entry)
                ? $judgement->lifting($this->lift->byAnswer($entry, $judgement, $context))
                : $judgement;
        } catch (ApiProblem $refused) {
            if ($entry->doubts->isEmpty() || $refused->problem->status !== 409) {
                throw $refused;
            }

            return new NothingJudged;
        }
    }

    /**
     * A machine that left takes no more lines of its checkout; a return ends when another hire of the machine has
     * begun; a hire that is closed takes nothing but the strike of a look. What settles the money of a hire is no line
     * of its walk.
     *
     * @param EntryKind<Payload> $kind
     * @param IncomingEntry<Payload> $entry
     */
    private function mustBeWritable(EntryKind $kind, IncomingEntry $entry): void
    {
        if ($kind instanceof EntryOfMachine) {
            return;
        }
        $walk = $this->walk();
        if ($walk->given_back_at !== null) {
            throw ApiProblem::because(ProblemName::WalkGivenBack, 409);
        }
        $standing = $this->snapshot()->standing;
        $over = $walk->movement === Movement::Checkout
            ? in_array(
                $standing,
                [HireStatus::Out, HireStatus::WalkingIn, HireStatus::Returned, HireStatus::Closed],
                true,
            )
            : $standing === HireStatus::Closed
                || (! $kind instanceof EntryOfHire && $this->anotherHireHasBegun());
        if (
            $standing === HireStatus::Gone
            && $walk->movement === Movement::Checkout
            && ! in_array($entry->kind, self::SETTLE_A_DEPARTURE, true)
        ) {
            throw ApiProblem::because(ProblemName::GoneSettleFirst, 409);
        }
        if ($over && ! in_array($entry->kind, self::AFTER_IT_LEFT, true) && ! $this->opensALookOfAReturn($entry)) {
            throw ApiProblem::because(ProblemName::WalkIsOver, 409, ['kind' => $entry->kind]);
        }
    }

    /**
     * A strike that only opens a line is always allowed: the next checkout may rest on that look.
     *
     * @param IncomingEntry<Payload> $entry
     */
    private function opensALookOfAReturn(IncomingEntry $entry): bool
    {
        return $entry->kind === EntryStruck::name()
            && $this->walk->movement === Movement::Return
            && WalkLine::query()->where('walk_id', $this->walk->id)
                ->where('entry_id', $entry->corrects)
                ->where('outcome', Outcome::Stands)
                ->exists()
            && LedgerEntry::query()->whereKey($entry->corrects)->value('kind') === CheckAnswered::name();
    }

    private function walk(): Walk
    {
        $this->snapshot();

        return $this->walk;
    }

    private function snapshot(): WalkSnapshot
    {
        if ($this->snapshot === null) {
            $this->walk->unsetRelations();
            $this->snapshot = WalkSnapshot::read($this->walk);
        }

        return $this->snapshot;
    }

    /** Whether a walk of another hire of the machine was opened after this one. */
    private function anotherHireHasBegun(): bool
    {
        return $this->another ??= Walk::query()->where('machine_id', $this->walk->machine_id)
            ->where('hire_id', '!=', $this->walk->hire_id)
            ->where('opened_at', '>', $this->walk->opened_at->format('Y-m-d H:i:s.u'))
            ->whereNull('given_back_at')
            ->exists();
    }

    /**
     * Whether the line that is answered says stop now; which lines do is asked for once in a batch and kept up with
     * what is posted.
     *
     * @param IncomingEntry<Payload> $entry
     *
     * @phpstan-assert-if-true IncomingEntry<\App\Ledger\Payloads\LineAnswer> $entry
     */
    private function isStopped(IncomingEntry $entry): bool
    {
        $this->stopped ??= $this->snapshot()->stops === 0 ? [] : Texts::of(
            DB::table('walk_lines')->where('walk_id', $this->walk->id)
                ->where('outcome', Outcome::Stop->value)
                ->pluck('key'),
        );

        return $entry->payload instanceof \App\Ledger\Payloads\LineAnswer
            && in_array($entry->payload->line, $this->stopped, true);
    }
}
