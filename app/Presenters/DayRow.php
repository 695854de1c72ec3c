<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Catalogue\CatalogueRepository;
use App\Catalogue\PlanCache;
use App\Hires\ContestedHires;
use App\Models\Hire;
use App\Models\HireStatus;
use App\Models\MachineStanding;
use App\Models\Walk;
use App\Words;
use App\Yards\CurrentYard;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use JadeLedger\Core\Catalogue\MachineModel;
use JadeLedger\Core\Check\Movement;
use JadeLedger\Core\Release\Decision;
use JadeLedger\Core\Verdict\Outcome;
use JadeLedger\Core\Walk\Cooling;
use JadeLedger\Core\Yard\LatestStart;

/**
 * One line of the day: a machine that goes out or comes back.
 *
 * @phpstan-type Row array{hire_id: string, start_by: string, due_at: string, started_at: string|null,
 *     done_at: string|null, work_seconds: int, standing: string, state: array{mark: string, ...}, ...}
 */
final class DayRow
{
    /** @var array<string, int> seconds of a walk by model and movement */
    private array $seconds = [];

    /** @var array<string, list<int>>|null by hire: the folios that have its machine on the same days */
    private ?array $contested = null;

    public function __construct(
        private readonly CatalogueRepository $shelf,
        private readonly PlanCache $kits,
        private readonly CurrentYard $yard,
        private readonly ContestedHires $contests,
    ) {
    }

    /**
     * @param Collection<int, Hire> $all the hires of the day that are of the same machine, to see what feeds what
     * @param array<string, WalkTally> $tallies by walk
     * @return Row
     */
    public function of(Hire $hire, Movement $movement, Collection $all, array $tallies, CarbonImmutable $now): array
    {
        $catalogue = $this->shelf->current();
        $model = $catalogue->model($hire->machine->model_id);
        $walk = $hire->walks->firstWhere('movement', $movement);
        $due = ($movement === Movement::Checkout ? $hire->goes_out_at : $hire->comes_back_at)->toImmutable();
        $work = $this->workSeconds($model, $movement);
        // An out has to be ready when it is due; an in is begun when it is back and has to be done within the hour.
        $ready =
            $movement === Movement::Checkout
                ? $due
                : $this->neededAfter($hire, $all, $due->addMinutes(60)->addSeconds($work));
        $latest = LatestStart::before($ready->toDateTimeImmutable(), $work);

        return [
            'hire_id' => $hire->id,
            'folio' => $hire->folio,
            'machine_id' => $hire->machine_id,
            'fleet_number' => $hire->machine->fleet_number,
            'drawing' => $catalogue->family($model->familyId)->drawing,
            'describes' => $model->describes,
            'customer' => $hire->customer->name,
            'phone' => $hire->customer->phone,
            'due_at' => Moment::text($due),
            'start_by' => Moment::text(CarbonImmutable::instance($latest->at)),
            'at_hand_from' => $movement === Movement::Return ? Moment::text($due) : null,
            'work_seconds' => $work,
            'started_at' => Moment::orNull($walk?->opened_at),
            'done_at' => Moment::orNull($this->doneAt($hire, $movement, $walk)),
            'person' => PresentPerson::orNull(
                $walk->openedBy ?? ($movement === Movement::Checkout ? $hire->outAssignee : $hire->inAssignee),
            ),
            'standing' => $hire->standing()->value,
            'state' => $this->state($hire, $movement, $walk, $tallies[$walk?->id] ?? WalkTally::none(), $due, $now),
            'walk_id' => $walk?->id,
            'feeds_hire_id' => $movement === Movement::Return ? $this->next($hire, $all)?->id : null,
            'machine_is_here' => ! in_array(
                $hire->machine->state?->standing,
                [MachineStanding::Out, MachineStanding::Gone],
                true,
            ),
            'opens' => $this->opens($hire, $movement, $walk),
        ];
    }

    private function workSeconds(MachineModel $model, Movement $movement): int
    {
        $walk = $this->seconds[$model->id.$movement->value] ??= $this->kits->seconds($model->id, $movement);

        return $walk +
            ($movement === Movement::Checkout ? $this->shelf->current()->houseRules->handoverMarginMinutes * 60 : 0);
    }

    /** @param  Collection<int, Hire>  $all */
    private function neededAfter(Hire $hire, Collection $all, CarbonImmutable $otherwise): CarbonImmutable
    {
        $next = $this->next($hire, $all);

        return $next === null ? $otherwise : $otherwise->min($next->goes_out_at);
    }

    /** @param  Collection<int, Hire>  $all */
    private function next(Hire $hire, Collection $all): ?Hire
    {
        return $all
            ->filter(static fn (Hire $other): bool => $other->goes_out_at->greaterThanOrEqualTo($hire->comes_back_at))
            ->sortBy('goes_out_at')
            ->first();
    }

    private function doneAt(Hire $hire, Movement $movement, ?Walk $walk): ?\Carbon\CarbonInterface
    {
        return match (true) {
            $walk === null => null,
            $walk->decision === Decision::TaggedOut => $walk->decided_at,
            $movement === Movement::Checkout => $hire->state?->out_at,
            default => $hire->state?->closed_at,
        };
    }

    private function opens(Hire $hire, Movement $movement, ?Walk $walk): string
    {
        $standing = $hire->standing();

        return match (true) {
            $movement === Movement::Checkout => match ($standing) {
                // Which of two bookings is walked is for the lead to say: there it is changed.
                HireStatus::Booked => $this->contestedWith($hire) === [] ? 'walk' : 'hire',
                HireStatus::WalkingOut, HireStatus::Held, HireStatus::Stopped,
                HireStatus::Gone => 'walk',
                HireStatus::Ready => 'handover',
                default => $walk === null ? 'nothing' : 'walk',
            },
            $standing === HireStatus::Out, $standing === HireStatus::WalkingIn => 'walk',
            $standing === HireStatus::Returned, $standing === HireStatus::Closed => 'spread',
            default => 'nothing',
        };
    }

    /** @return array{mark: string, words: string, because: string, progress: float} */
    private function state(
        Hire $hire,
        Movement $movement,
        ?Walk $walk,
        WalkTally $tally,
        CarbonImmutable $due,
        CarbonImmutable $now,
    ): array {
        $zone = $this->yard->timezone();
        $clock = static fn (?\Carbon\CarbonInterface $moment): string => $moment === null
            ? ''
            : $moment->toImmutable()->setTimezone($zone)->format('H:i');
        [$mark, $key, $because] = match (true) {
            $walk?->decision === Decision::TaggedOut => [Outcome::Stop, 'tagged', Words::say('words.day.not_for_hire')],
            $movement === Movement::Checkout => match ($hire->standing()) {
                HireStatus::Gone => [Outcome::Stop, 'gone_not_released', Words::say('words.day.lead_settles')],
                HireStatus::Booked => $this->booked($hire, $due, $now),
                HireStatus::WalkingOut => $walk?->voided !== null
                    ? [Outcome::Stop, 'voided', '']
                    : [$tally->attending > 0 ? Outcome::Attend : Outcome::Open, 'walking', $this->waits($tally)],
                HireStatus::Held => [Outcome::Attend, 'held', $this->waits($tally)],
                HireStatus::Ready => [Outcome::Open, 'ready', Words::say('words.day.brief_it')],
                default => [Outcome::Stands, 'gone', ''],
            },
            default => match ($hire->standing()) {
                HireStatus::WalkingIn => [
                    $tally->attending > 0 ? Outcome::Attend : Outcome::Open,
                    'walking',
                    $tally->attending > 0 ? $this->waits($tally) : $this->cooling($hire, $walk, $now),
                ],
                HireStatus::Returned => [Outcome::Attend, 'to_balance', Words::say('words.day.spread_open')],
                HireStatus::Closed => [Outcome::Stands, 'closed', ''],
                HireStatus::Out => $due->lessThan($now)
                    ? [Outcome::Attend, 'late', Words::say('words.day.ring_the_hirer')]
                    : [Outcome::Open, 'on_hire', ''],
                default => [Outcome::Open, 'not_out', Words::say('words.day.not_out_yet')],
            },
        };
        $time = match ($key) {
            'tagged' => $clock($walk?->decided_at),
            'gone' => $clock($hire->state?->out_at),
            'closed' => $clock($hire->state?->closed_at),
            default => '',
        };

        return [
            'mark' => $mark->value,
            'words' => Words::say("words.day.{$key}", ['time' => $time, 'done' => $tally->done, 'all' => $tally->all]),
            'because' => $because,
            'progress' => $tally->all === 0 ? 0.0 : round($tally->done / $tally->all, 3),
        ];
    }

    /** @return list<int> folios */
    private function contestedWith(Hire $hire): array
    {
        return ($this->contested ??= $this->contests->all())[$hire->id] ?? [];
    }

    /** @return array{Outcome, string, string} */
    private function booked(Hire $hire, CarbonImmutable $due, CarbonImmutable $now): array
    {
        $standing = $hire->machine->state?->standing->value;
        $others = $this->contestedWith($hire);

        return match (true) {
            $others !== [] => [Outcome::Attend, 'contested', Words::say('words.day.contested_with', [
                'folios' => implode(', ', $others),
            ])],
            $standing === 'tagged_out' => [Outcome::Stop, 'tagged_machine', Words::say('words.day.another_machine')],
            $standing === 'out' => [Outcome::Open, 'not_back', Words::say('words.day.opens_when_in')],
            $due->lessThan($now) => [Outcome::Attend, 'overdue', (string) $hire->machine->presentBay()],
            default => [Outcome::Open, 'ready_in', (string) $hire->machine->presentBay()],
        };
    }

    /** When a machine that is just back will be cold, as long as its walk waits for that. */
    private function cooling(Hire $hire, ?Walk $walk, CarbonImmutable $now): string
    {
        if ($walk === null) {
            return '';
        }
        $catalogue = $this->shelf->current();
        $until = Cooling::of($catalogue, $catalogue->model($hire->machine->model_id))->until(
            $walk->movement,
            $walk->opened_at->toDateTimeImmutable(),
            $walk->stages_entered,
        );

        return $until === null || $now->greaterThan($until) ? '' : Words::say('words.day.cooling', [
            'time' => CarbonImmutable::instance($until)->setTimezone($this->yard->timezone())->format('H:i'),
        ]);
    }

    /** What the first line that needs attention says has to be done. */
    private function waits(WalkTally $tally): string
    {
        return $tally->waitsFor === null
            ? ''
            : Words::say('words.day.waits', [
                'title' => $this->shelf->current()->checks[$tally->waitsFor]->title ?? $tally->waitsFor,
            ]);
    }
}
