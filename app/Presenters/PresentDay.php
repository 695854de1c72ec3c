<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Contract\JsonObject;
use App\Models\Hire;
use App\Models\HireStatus;
use App\Models\Machine;
use App\Models\Role;
use App\Models\User;
use App\Models\Walk;
use App\Texts;
use App\Words;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use JadeLedger\Core\Check\Movement;

/**
 * The outs and ins of one day, in the order in which work on them has to begin.
 *
 * @phpstan-import-type Row from DayRow
 */
final readonly class PresentDay
{
    private const AS_STORED = 'Y-m-d H:i:s.u';

    /** What should have left on a day before and has not. */
    private const NOT_GONE = [
        HireStatus::Booked,
        HireStatus::WalkingOut,
        HireStatus::Held,
        HireStatus::Ready,
        HireStatus::Gone,
    ];

    /** What should have been back and closed on a day before and is not. */
    private const NOT_SETTLED = [HireStatus::Out, HireStatus::WalkingIn, HireStatus::Returned];

    /** How far back it is looked for: what is older is found on the machine's page. */
    private const LOOKS_BACK_DAYS = 60;

    private const MOST_BEFORE = 40;

    public function __construct(private DayRow $row)
    {
    }

    /**
     * @param CarbonImmutable $day midnight in the yard's own zone
     * @return array<string, mixed>
     */
    public function of(CarbonImmutable $day, CarbonImmutable $now, User $reader): array
    {
        $isToday = $day->isSameDay($now->setTimezone($day->getTimezone()));
        [$from, $until] = [$day->utc()->format(self::AS_STORED), $day->endOfDay()->utc()->format(self::AS_STORED)];
        $hires = Hire::query()
            ->with([
                'machine.state',
                'machine.place',
                'customer',
                'state',
                'outAssignee',
                'inAssignee',
                'walks.openedBy',
            ])
            ->whereNull('cancelled_at')
            ->where(
                fn ($query) => $query
                    ->whereBetween('goes_out_at', [$from, $until])
                    ->orWhereBetween('comes_back_at', [$from, $until]),
            )
            ->get();
        $tallies = WalkTally::of(self::walksOf($hires));
        // As text: a moment is made of it each time that it is asked for, and a day asks thousands of times.
        $isOfDay = static fn (Hire $hire, string $column): bool => $hire->getRawOriginal($column) >= $from && $hire
            ->getRawOriginal($column) <= $until;
        $outs = $this->rows(
            $hires->filter(static fn (Hire $hire): bool => $isOfDay($hire, 'goes_out_at')),
            Movement::Checkout,
            $hires,
            $tallies,
            $now,
        );
        $ins = $this->rows(
            $hires->filter(static fn (Hire $hire): bool => $isOfDay($hire, 'comes_back_at')),
            Movement::Return,
            $hires,
            $tallies,
            $now,
        );

        return [
            'date' => $day->format('Y-m-d'),
            'now' => Moment::text($now),
            'outs' => $outs,
            'ins' => $ins,
            'before_today' => $isToday ? $this->beforeToday($from, $now) : [],
            'totals' => ['outs' => $this->totals($outs), 'ins' => $this->totals($ins)],
            'people' => $this->people(),
            'verification' => $this->verification($reader),
            'first_steps' => $this->firstSteps($reader),
        ];
    }

    /**
     * Yesterday's and older, until somebody settles them: booked and never fetched, out and not back, back and not
     * closed.
     *
     * @param string $from the beginning of today, as it is stored
     * @return list<array<string, mixed>> the longest first
     */
    private function beforeToday(string $from, CarbonImmutable $now): array
    {
        $since = CarbonImmutable::parse($from, 'UTC')->subDays(self::LOOKS_BACK_DAYS)->format(self::AS_STORED);
        $before = static fn (string $column): Builder => Hire::query()
            ->with(
                ['machine.state', 'machine.place', 'customer', 'state', 'outAssignee', 'inAssignee', 'walks.openedBy'],
            )
            ->whereNull('cancelled_at')->where($column, '>=', $since)->where($column, '<', $from)
            ->orderBy($column)->limit(self::MOST_BEFORE);
        $in = static fn (array $standings): \Closure => static fn (Builder $state): Builder => $state
            ->whereIn('standing', $standings);
        $outs = $before('goes_out_at')->where(
            static fn ($query) => $query->whereDoesntHave('state')->orWhereHas('state', $in(self::NOT_GONE)),
        )->get();
        $ins = $before('comes_back_at')->whereHas('state', $in(self::NOT_SETTLED))->get();
        $tallies = WalkTally::of(self::walksOf($outs->concat($ins)));
        $row = fn (Movement $movement): \Closure => fn (Hire $hire): array => [
            'side' => $movement === Movement::Checkout ? 'out' : 'in',
            'row' => $this->row->of($hire, $movement, collect([$hire]), $tallies, $now),
        ];
        $rows = [...$outs->map($row(Movement::Checkout))->all(), ...$ins->map($row(Movement::Return))->all()];
        usort($rows, static fn (array $a, array $b): int => $a['row']['due_at'] <=> $b['row']['due_at']);

        return $rows;
    }

    /**
     * @param Collection<int, Hire> $hires
     * @return list<string>
     */
    private static function walksOf(Collection $hires): array
    {
        $walks = [];
        foreach ($hires as $hire) {
            array_push($walks, ...Texts::of($hire->walks->pluck('id')));
        }

        return $walks;
    }

    /**
     * @param Collection<int, Hire> $hires
     * @param Collection<int, Hire> $all
     * @param array<string, WalkTally> $tallies
     * @return list<Row>
     */
    private function rows(
        Collection $hires,
        Movement $movement,
        Collection $all,
        array $tallies,
        CarbonImmutable $now,
    ): array {
        $ofMachine = $all->groupBy('machine_id');
        $rows = $hires
            ->map(
                fn (Hire $hire): array => $this->row->of(
                    $hire,
                    $movement,
                    $ofMachine[$hire->machine_id],
                    $tallies,
                    $now,
                ),
            )
            ->values()
            ->all();
        // What left without a release stands above everything until the lead has settled it.
        $order = static fn (array $row): array => [
            $row['standing'] !== HireStatus::Gone->value,
            $row['done_at'] === null,
            $row['start_by'],
        ];
        usort($rows, static fn (array $a, array $b): int => $order($a) <=> $order($b));

        return $rows;
    }

    /**
     * @param list<Row> $rows
     * @return array<string, int>
     */
    private function totals(array $rows): array
    {
        $walking = array_filter(
            $rows,
            static fn (array $row): bool => $row['done_at'] === null && $row['started_at'] !== null,
        );
        $ahead = array_filter(
            $rows,
            static fn (array $row): bool => $row['started_at'] === null && $row['done_at'] === null,
        );

        return [
            'all' => count($rows),
            'done' => count(
                array_filter(
                    $rows,
                    static fn (array $row): bool => $row['done_at'] !== null && $row['state']['mark'] !== 'stop',
                ),
            ),
            'walking' => count($walking),
            'tagged_out' => count(
                array_filter($rows, static fn (array $row): bool => $row['state']['mark'] === 'stop'),
            ),
            'ahead' => count($ahead),
            'ahead_seconds' => array_sum(array_column($ahead, 'work_seconds')),
        ];
    }

    /** @return array<string, bool>|null what there is of all that a first walk needs; nothing once there was one */
    private function firstSteps(User $reader): ?array
    {
        if (! in_array(
            $reader->role,
            [Role::Lead, Role::Counter],
            true,
        ) || Walk::query()->whereHas('machine')->exists()) {
            return null;
        }

        return [
            'people' => User::query()->whereIn('role', [Role::Technician, Role::Mechanic])->exists(),
            // The largest one stands at the end of an index: nothing is read but that.
            'machines' => Machine::query()->max('fleet_number') !== null,
            'hires' => Hire::query()->max('folio') !== null,
        ];
    }

    /** @return array<string, mixed>|null the last nightly verification, where it failed; for leads */
    private function verification(User $reader): ?array
    {
        /** @var object{at: string, faults: string, holds: int}|null $last */
        $last = $reader->role === Role::Lead ? DB::table('verification_reports')->orderByDesc('id')->first() : null;

        return $last === null || $last->holds === 1
            ? null
            : [
                'at' => Moment::text(CarbonImmutable::parse($last->at, 'UTC')),
                'faults' => array_slice(JsonObject::of(['all' => json_decode($last->faults)])->strings('all'), 0, 5),
            ];
    }

    /** @return list<array<string, mixed>> who walks machines, and what each is on */
    private function people(): array
    {
        $walking = Walk::query()
            ->with('machine')
            ->whereNull('decision')
            ->whereNull('given_back_at')
            ->whereHas('machine')
            ->whereHas(
                'hire.state',
                static fn ($state) => $state->whereIn('standing', [HireStatus::WalkingOut, HireStatus::WalkingIn]),
            )
            ->orderBy('opened_at')
            ->get()
            ->keyBy('opened_by_id');

        $tallies = WalkTally::of(Texts::of($walking->pluck('id')));

        return array_values(
            User::query()
                ->whereIn('role', [Role::Technician, Role::Mechanic])
                ->orderBy('name')
                ->get()
                ->map(static function (User $user) use ($walking, $tallies): array {
                    $walk = $walking->get($user->id);

                    return [
                        'person' => PresentPerson::of($user),
                        'doing' => $walk === null ? Words::say('words.day.free') : Words::say('words.day.on', [
                            'number' => $walk->machine->fleet_number,
                            'done' => ($tallies[$walk->id] ?? WalkTally::none())->done,
                            'all' => ($tallies[$walk->id] ?? WalkTally::none())->all,
                        ]),
                    ];
                })->all());
    }
}
