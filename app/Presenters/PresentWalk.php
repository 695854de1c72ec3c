<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Ledger\CarriedLines;
use App\Ledger\Contexts\ContextOfWalk;
use App\Ledger\Contexts\WalkContext;
use App\Ledger\JudgementRecord;
use App\Ledger\Kinds\WalkGivenBack;
use App\Ledger\ReadingsOfHire;
use App\Ledger\WalkSnapshot;
use App\Ledger\WearOfMachine;
use App\Ledger\WhoStandsBy;
use App\Models\DoubtfulEntry;
use App\Models\Finding;
use App\Models\HireStatus;
use App\Models\MeterChange;
use App\Models\Reading;
use App\Models\User;
use App\Models\Walk;
use Carbon\CarbonImmutable;
use Illuminate\Database\Query\Builder;
use JadeLedger\Core\Catalogue\Stage;
use JadeLedger\Core\Check\AnswerKind;
use JadeLedger\Core\Check\Movement;
use JadeLedger\Core\Check\Severity;
use JadeLedger\Core\Meter\Meter;
use JadeLedger\Core\Release\DecideRelease;
use JadeLedger\Core\Release\JudgedLine;
use JadeLedger\Core\State\Helper;
use JadeLedger\Core\Verdict\Outcome;
use JadeLedger\Core\Walk\Cooling;
use JadeLedger\Core\Walk\Crossing;
use JadeLedger\Core\Walk\DivideWalk;
use JadeLedger\Core\Walk\PlannedLine;
use JadeLedger\Core\Walk\Progress;
use JadeLedger\Core\Walk\ReachableStates;
use JadeLedger\Core\Walk\StateTransitionGuard;
use JadeLedger\Core\Walk\Visit;

/**
 * A walk with its plan, and how far it has come.
 *
 * @phpstan-import-type WrittenJudgement from JudgementRecord
 *
 * @phpstan-type LineRow object{key: string, outcome: string, severity: string, entry_id: string|null, attempts: int,
 *     value: string|null, unit: string|null, judgement: string|null, answered_by_id: string|null,
 *     answered_at: string|null}
 * @phpstan-type LineMark object{key: string, outcome: string, changed_by: int, attempts: int}
 */
final readonly class PresentWalk
{
    public function __construct(
        private ContextOfWalk $context,
        private WearOfMachine $wear,
        private PresentBriefing $briefing,
        private PresentVoided $voided,
        private CarriedLines $carried,
    ) {
    }

    /** @return array<string, mixed> */
    public function whole(Walk $walk, User $reader): array
    {
        $snapshot = WalkSnapshot::read($walk);
        $context = $this->context->as($snapshot, $walk, $reader);

        return $this->walk($context, $walk->plan->body, $this->stateIn($context, $snapshot, null));
    }

    /**
     * A walk that nobody has opened yet, as it would begin.
     *
     * @param array<string, mixed> $plan
     * @return array<string, mixed>
     */
    public function beforeItIsOpened(WalkContext $context, array $plan): array
    {
        $walk = $context->walk;
        $lines = array_map(static fn (PlannedLine $line): \stdClass => (object) [
            'key' => $line->key, 'severity' => $line->check->severity->value, 'outcome' => Outcome::Open->value,
            'entry_id' => null, 'attempts' => 0, 'value' => null, 'unit' => null, 'judgement' => null,
            'answered_by_id' => null, 'answered_at' => null,
        ], $context->plan->lines());
        $everyStop = array_map(static fn (Visit $visit): int => $visit->number, $context->plan->visits);

        return $this->walk($context, $plan, $this->state(
            $context,
            $lines,
            [],
            [['person' => PresentPerson::of($context->actor), 'visits' => $everyStop]],
            [],
            WalkSnapshot::read($walk),
            $walk->movement === Movement::Checkout ? HireStatus::WalkingOut : HireStatus::WalkingIn,
        ));
    }

    /**
     * @param array<string, mixed> $plan
     * @param array<string, mixed> $state
     * @return array<string, mixed>
     */
    private function walk(WalkContext $context, array $plan, array $state): array
    {
        $walk = $context->walk;
        $hire = $walk->hire;

        return [
            'id' => $walk->id,
            'hire_id' => $walk->hire_id,
            'folio' => $hire->folio,
            'machine' => [
                'id' => $walk->machine_id,
                'fleet_number' => $walk->machine->fleet_number,
                'maker' => $context->model->maker,
                'model' => $context->model->name,
                'describes' => $context->model->describes,
                'mass_kg' => $context->model->massKilograms,
                'smr_hours' => $walk->machine->state?->smr_hours,
            ],
            'customer' => $hire->customer->name,
            'due_at' => Moment::text(
                $walk->movement === Movement::Checkout ? $hire->goes_out_at : $hire->comes_back_at,
            ),
            'opened_at' => Moment::text($walk->opened_at),
            'opened_by' => PresentPerson::of($walk->openedBy),
            'plan' => PresentLeaves::in(
                $plan,
                $context->plan,
                $context->catalogue(),
                $context->model,
                $walk->machine->serial,
            ),
            'state' => $state,
            // With the walk, so that a tablet out of reach of the yard can hand over what it walked.
            'briefing' => $walk->movement === Movement::Checkout ? $this->briefing->in($context) : null,
        ];
    }

    /**
     * How far the walk has come, with the lines that changed since an entry of the machine.
     *
     * @param int|null $known the sequence number of that entry; all lines when nothing is known
     * @return array<string, mixed>
     */
    public function since(?int $known, Walk $walk, User $reader): array
    {
        $snapshot = WalkSnapshot::read($walk);

        return $this->stateIn($this->context->as($snapshot, $walk, $reader), $snapshot, $known);
    }

    /**
     * @param WalkSnapshot $snapshot read before anything else: what comes meanwhile is told again, and not left out
     * @return array<string, mixed>
     */
    private function stateIn(WalkContext $context, WalkSnapshot $snapshot, ?int $known): array
    {
        $walk = $context->walk;
        // Rows and no models: a walk has some two hundred lines.
        /** @var list<LineMark> $marks */
        $marks = $walk->lines()->toBase()->get(['key', 'outcome', 'changed_by', 'attempts'])->all();
        $news = array_column(array_filter(
            $marks,
            static fn (object $mark): bool => $known !== null && $mark->changed_by > $known,
        ), 'key');
        $isWhole = $known === null || self::wearsAnew($context, $news);
        /** @var list<LineRow> $lines */
        $lines = ! $isWhole && $news === [] ? [] : $walk->lines()->toBase()
            ->when(! $isWhole, static fn (Builder $query): Builder => $query->whereIn('key', $news))
            ->get()
            ->all();
        $people = $this->named([...$snapshot->people, ...array_column($lines, 'answered_by_id')], $context->actor);

        return $this->state(
            $context,
            $lines,
            $marks,
            $this->stops($context, array_map(static fn (string $id): array => $people[$id], $snapshot->people)),
            $people,
            $snapshot,
            $snapshot->standing,
        );
    }

    /**
     * @param list<LineRow> $lines rows of walk_lines, those that are told
     * @param list<LineMark> $marks of all lines; none of a walk that nobody opened yet
     * @param list<array{person: array<string, mixed>, visits: list<int>}> $walkers
     * @param array<string, array<string, mixed>> $people whoever answered a line that is told, by id
     * @return array<string, mixed>
     */
    private function state(
        WalkContext $context,
        array $lines,
        array $marks,
        array $walkers,
        array $people,
        WalkSnapshot $snapshot,
        HireStatus $standing,
    ): array {
        $walk = $context->walk;
        $outcomes = array_map(Outcome::from(...), array_column($marks, 'outcome', 'key'));
        $later = $snapshot->waiting === 0 ? [] : $context->toBeReadLater();
        $progress = Progress::of($context->plan, $outcomes, $walk->stages_entered);
        $keys = array_column($lines, 'key');
        $last = $this->otherColumn($context, $keys);
        $inDoubt = $snapshot->doubts === 0 ? [] : DoubtfulEntry::waitingIn($walk->id);
        $wear = ($this->wear)($context, $keys);
        $findings = $snapshot->findings === 0 ? [] : $this->openFindings($walk);

        return [
            'sequence' => $snapshot->sequence,
            'stage' => $walk->stage,
            'stages_entered' => $walk->stages_entered,
            'people' => $walkers,
            'lines' => array_map(
                static fn (object $line): array => [
                    'key' => $line->key,
                    'outcome' => $line->outcome,
                    'entry_id' => $line->entry_id,
                    'attempts' => $line->attempts,
                    'value' => Figure::orNull($line->value),
                    'unit' => $line->unit,
                    'judgement' => $line->judgement === null
                            ? null
                            : PresentJudgement::of(self::judged($line->judgement)),
                    'answered_by' => $line->answered_by_id === null ? null : $people[$line->answered_by_id],
                    'answered_at' => $line->answered_at === null
                            ? null
                            : Moment::text(CarbonImmutable::parse($line->answered_at, 'UTC')),
                    'last' => Figure::orNull($last[$line->key] ?? null),
                    'wear' => $wear[$line->key] ?? null,
                    'lifted_by' => DecideRelease::liftedBy(
                        JudgedLine::check(
                            $line->key,
                            '',
                            Severity::from($line->severity),
                            Outcome::from($line->outcome),
                        ),
                    )?->value,
                ],
                $lines,
            ),
            'findings' => array_map(
                static fn (Finding $finding): array => PresentFinding::on($finding, $walk),
                $findings,
            ),
            'progress' => [
                'lines_done' => $progress->linesDone,
                'lines_left' => $progress->linesLeft,
                'lines_shut' => $progress->linesShut,
                'seconds_left' => $progress->secondsLeft,
                'seconds_planned' => $progress->secondsPlanned,
            ],
            'blocked_stages' => $this->blocked($context, $outcomes, $later),
            'shut_stages' => $this->shut($context, $outcomes),
            'read_later' => $this->readLater($context, $later),
            'cooling' => self::cooling($context),
            'standing_by' => self::standingBy($context),
            ...PresentCarried::in(
                self::hasOpenLines($outcomes) ? ($this->carried)($context, $snapshot) : [],
                $outcomes,
            ),
            'may_be_given_back' => array_filter(array_column($marks, 'attempts')) === []
                && WalkGivenBack::nothingIsSaidIn($walk),
            'decision' => $walk->decision?->value,
            'voided' => $this->voided->of($context),
            'lines_in_doubt' => DoubtfulEntry::linesOf($inDoubt),
            'in_doubt' => count($inDoubt),
            'tag' => $snapshot->tags === 0 ? null : PresentTag::hangingOn($walk->machine_id),
            'hire_standing' => $standing->value,
        ];
    }

    /** @return list<Finding> of the machine */
    private function openFindings(Walk $walk): array
    {
        return array_values(
            Finding::query()->with(['actor', 'sightings'])
                ->where('machine_id', $walk->machine_id)
                ->where('is_struck', false)
                ->whereNull('mended_at')
                ->orderBy('number')
                ->get()
                ->all(),
        );
    }

    /** @param  array<string, Outcome>  $outcomes  none of a walk that nobody opened yet, whose lines are all open */
    private static function hasOpenLines(array $outcomes): bool
    {
        return $outcomes === [] || in_array(Outcome::Open, $outcomes, true);
    }

    /** @return array{stage: string, until: string}|null */
    private static function cooling(WalkContext $context): ?array
    {
        $walk = $context->walk;
        // What goes out has stood, and is cold.
        if ($walk->movement === Movement::Checkout) {
            return null;
        }
        $cooling = Cooling::of($context->catalogue(), $context->model);
        $until = $cooling->until($walk->movement, $walk->opened_at->toDateTimeImmutable(), $walk->stages_entered);

        return $until === null || CarbonImmutable::now()->greaterThan($until)
            ? null
            : ['stage' => (string) $cooling->stage, 'until' => Moment::text(CarbonImmutable::instance($until))];
    }

    /** @return array<string, mixed>|null */
    private static function standingBy(WalkContext $context): ?array
    {
        $stage = $context->walk->stage;
        $isAlone = $stage === null || $context->plan->crossing($stage)?->stage->state->helper !== Helper::Present;
        $standing = $isAlone ? null : WhoStandsBy::on($context->walk->id, $context->plan);
        $person = $standing === null ? null : User::query()->find($standing->person);

        return $standing === null || $person === null ? null : [
            'person' => PresentPerson::of($person),
            'beside' => $standing->beside,
            'crossing' => $standing->crossing,
            'since' => Moment::text(CarbonImmutable::instance($standing->since)),
            'until' => Moment::text(CarbonImmutable::instance($standing->until())),
        ];
    }

    /**
     * @param array<array-key, string|null> $ids
     * @return array<string, array<string, mixed>> people as they are told, by id
     */
    private function named(array $ids, User $reader): array
    {
        $others = array_values(array_diff(array_unique(array_filter($ids)), [$reader->id]));
        $people = [$reader->id => PresentPerson::of($reader)];
        foreach ($others === [] ? [] : User::query()->whereIn('id', $others)->get() as $person) {
            $people[$person->id] = PresentPerson::of($person);
        }

        return $people;
    }

    /**
     * @param list<array<string, mixed>> $people
     * @return list<array{person: array<string, mixed>, visits: list<int>}> which stops are whose
     */
    private function stops(WalkContext $context, array $people): array
    {
        return $people === [] ? [] : array_map(
            static fn (array $person, array $visits): array => ['person' => $person, 'visits' => $visits],
            $people,
            (new DivideWalk($context->plan))->among(count($people)),
        );
    }

    /**
     * Whether the hour meter was read: every line that wears is told anew, for wear goes by the hours.
     *
     * @param list<string> $news keys of lines that changed
     */
    private static function wearsAnew(WalkContext $context, array $news): bool
    {
        return array_filter(
            $news,
            static fn (string $key): bool => $context->plan->line($key)?->check->answer === AnswerKind::HourMeter,
        ) !== [];
    }

    /**
     * What the lines said in the column before this one: the last In at a checkout, the Out of this hire at a return.
     *
     * @param list<string> $keys
     * @return array<array-key, string>
     */
    private function otherColumn(WalkContext $context, array $keys): array
    {
        $walk = $context->walk;
        $keys = array_values(array_filter(
            $keys,
            static fn (string $key): bool => $context->plan->line($key)?->check->answer->isReading() === true,
        ));
        if ($keys === []) {
            return [];
        }
        $changes = MeterChange::query()->where('machine_id', $walk->machine_id)->toBase()->groupBy('meter')
            ->selectRaw('meter, max(at) as at')->pluck('at', 'meter')->all();

        /** @var array<array-key, string> $last */
        $last = Reading::query()
            ->where('machine_id', $walk->machine_id)
            ->where('is_valid', true)
            ->where('is_struck', false)
            // What another hour meter showed is nothing to compare this one with.
            ->where(static function ($query) use ($changes): void {
                foreach ($changes as $meter => $at) {
                    $query->where(static fn ($either) => $either->where('recorded_at', '>', $at)
                        ->orWhere('judgement->kind', '!=', Meter::from((string) $meter)->answer()->value));
                }
            })
            ->where('walk_id', '!=', $walk->id)
            ->whereIn('line', $keys)
            ->when($walk->movement === Movement::Return, static fn ($query) => $query->where(
                static function ($one) use ($walk): void {
                    ReadingsOfHire::only($one, (string) $walk->hire_id);
                },
            ))
            ->orderBy('recorded_at')
            ->pluck('value', 'line')
            ->all();

        return $last;
    }

    /** @return WrittenJudgement */
    private static function judged(string $text): array
    {
        /** @var WrittenJudgement $judgement */
        $judgement = json_decode($text, true, flags: JSON_THROW_ON_ERROR);

        return $judgement;
    }

    /**
     * @param array<string, Outcome> $outcomes
     * @return list<array<string, mixed>> the states that may no longer be entered on this walk, until something is mended
     */
    private function shut(WalkContext $context, array $outcomes): array
    {
        $shut = ReachableStates::after($context->plan, $outcomes)->shut;

        return array_map(static fn (string $stage, array $because): array => [
            'stage' => $stage,
            'lines' => array_map(static fn (PlannedLine $line): string => $line->key, $because),
        ], array_keys($shut), array_values($shut));
    }

    /**
     * Lines that wait for warm oil, and the states of this walk in which they may be read.
     *
     * @param list<string> $later
     * @return list<array<string, mixed>>
     */
    private function readLater(WalkContext $context, array $later): array
    {
        return array_map(static function (string $key) use ($context): array {
            $need = $context->line($key)->check->needs;
            $stages = array_map(static fn (Crossing $crossing): Stage => $crossing->stage, $context->plan->crossings);

            return ['line' => $key, 'stages' => array_column(array_values(array_filter(
                $stages,
                static fn (Stage $stage): bool => $need->isMetBy($stage->state),
            )), 'id')];
        }, $later);
    }

    /**
     * @param array<string, Outcome> $outcomes
     * @param list<string> $later
     * @return list<array<string, mixed>>
     */
    private function blocked(WalkContext $context, array $outcomes, array $later): array
    {
        $rule = new StateTransitionGuard($context->plan);
        $blocked = array_map(static fn (Crossing $crossing): array => [
            'stage' => $crossing->stage->id,
            'lines' => array_map(
                static fn (PlannedLine $line): string => $line->key,
                $rule->inTheWay($crossing->stage->id, $outcomes, $later),
            ),
        ], $context->plan->crossings);

        return array_values(array_filter($blocked, static fn (array $stage): bool => $stage['lines'] !== []));
    }
}
