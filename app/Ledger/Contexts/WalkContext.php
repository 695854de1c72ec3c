<?php

declare(strict_types=1);

namespace App\Ledger\Contexts;

use App\Catalogue\CachedPlan;
use App\Http\Problems\ProblemName;
use App\Ledger\Actor;
use App\Models\User;
use App\Models\Walk;
use App\Models\WalkLine;
use App\Texts;
use App\Words;
use Illuminate\Support\Facades\DB;
use JadeLedger\Core\Catalogue\Catalogue;
use JadeLedger\Core\Catalogue\MachineModel;
use JadeLedger\Core\Catalogue\Stage;
use JadeLedger\Core\Check\Check;
use JadeLedger\Core\Verdict\Outcome;
use JadeLedger\Core\Walk\Judgement;
use JadeLedger\Core\Walk\PlannedLine;
use JadeLedger\Core\Walk\WalkPlan;

/** What an entry is judged against: the walk as it stands and the catalogue it was planned with. */
final readonly class WalkContext
{
    public MachineModel $model;

    public WalkPlan $plan;

    public function __construct(
        public Walk $walk,
        private CachedPlan $kit,
        public User $actor,
        /** The state in which somebody says the machine is, by a crossing that is in doubt. */
        private ?string $doubtfulStage = null,
        /** Whether the lead answers for what was in doubt: who stood by, and whether somebody was still qualified. */
        public bool $isConfirmedByTheLead = false,
        /** Who typed it from a sheet of paper; none of what was said at a tablet. */
        public ?User $enteredBy = null,
    ) {
        $this->model = $kit->model;
        $this->plan = $kit->plan;
    }

    /** The part that concerns the machine, as it was when the walk was opened. */
    public function catalogue(): Catalogue
    {
        return $this->kit->catalogue();
    }

    /** What a person said: at a tablet, or on paper, where the lead who types it answers for it. */
    public function saidBy(Actor $actor): self
    {
        return $actor->enteredBy === null
            ? $this
            : $this->as($actor->isVouchedForByTheLead(), $actor->enteredBy);
    }

    public function confirmedByTheLead(): self
    {
        return $this->as(true, $this->enteredBy);
    }

    private function as(bool $isConfirmedByTheLead, ?User $enteredBy): self
    {
        return new self(
            $this->walk,
            $this->kit,
            $this->actor,
            $this->doubtfulStage,
            $isConfirmedByTheLead,
            $enteredBy,
        );
    }

    public function restingOn(?string $doubtfulStage): self
    {
        return $doubtfulStage === null
            ? $this
            : new self($this->walk, $this->kit, $this->actor, $doubtfulStage);
    }

    /** @return array<string, Outcome> by line key */
    public function outcomes(): array
    {
        return $this->walk
            ->lines()
            ->get()
            ->mapWithKeys(static fn (WalkLine $line): array => [$line->key => $line->outcome])
            ->all();
    }

    /**
     * What was read and could not count yet, and has not been read since.
     *
     * @return list<string> keys of lines
     */
    public function toBeReadLater(): array
    {
        // The database reads what was judged: a walk has some forty readings, and this is asked with every entry.
        $last = DB::table('readings')
            ->where('walk_id', $this->walk->id)
            ->where('is_struck', false)
            ->orderBy('recorded_at')
            ->selectRaw("line, JSON_VALUE(judgement, '$.may_be_read_later') AS later")
            ->pluck('later', 'line')
            ->all();

        return Texts::of(array_keys(array_filter(
            $last,
            static fn (mixed $later): bool => in_array($later, ['1', 'true'], true),
        )));
    }

    public function line(string $key): PlannedLine
    {
        return $this->plan->line($key) ??
            throw \App\Http\Problems\ApiProblem::because(
                ProblemName::NoSuchLine,
                422,
                ['line' => mb_substr($key, 0, 90)],
                ['line' => [Words::say('problems.no_such_line.title')]],
            );
    }

    /** The state the machine is in now; before the first crossing, nothing may be read. */
    public function presentStage(): Stage
    {
        $stage =
            $this->doubtfulStage ??
            ($this->walk->stage ?? throw \App\Http\Problems\ApiProblem::because(ProblemName::StateFirst));

        return $this->stage($stage);
    }

    /** The state the machine comes from; none before the first crossing. */
    public function stageBefore(): ?Stage
    {
        $stage = $this->doubtfulStage ?? $this->walk->stage;

        return $stage === null ? null : $this->stage($stage);
    }

    private function stage(string $id): Stage
    {
        return $this->plan->crossing($id)->stage ?? $this->catalogue()->stage($id);
    }

    /**
     * That a check was answered while the machine was in a state in which the answer means nothing; none when it was
     * not.
     */
    public function inAnotherState(Check $check): ?Judgement
    {
        $present = $this->presentStage();

        return $check->needs->isMetBy($present->state) ? null : Judgement::inAnotherState($check, $present);
    }
}
