<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Models\Hire;
use App\Models\HireStanding;
use App\Models\Role;
use App\Models\User;
use App\Models\Walk;
use App\Words;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use JadeLedger\Core\Catalogue\Movement;

/** The outs and ins of one day, in the order in which work on them has to begin. */
final readonly class PresentDay
{
    public function __construct(private DayRow $row)
    {
    }

    /**
     * @param CarbonImmutable $day midnight in the yard's own zone
     * @return array<string, mixed>
     */
    public function of(CarbonImmutable $day, CarbonImmutable $now): array
    {
        $hires = Hire::query()
            ->with(['machine.state', 'customer', 'state', 'outAssignee', 'inAssignee', 'walks.openedBy', 'walks.lines'])
            ->where(fn ($query) => $query
                ->whereBetween('goes_out_at', [$day->utc(), $day->endOfDay()->utc()])
                ->orWhereBetween('comes_back_at', [$day->utc(), $day->endOfDay()->utc()]))
            ->get();
        $isToday = static fn ($moment): bool => $moment->betweenIncluded($day, $day->endOfDay());
        $outs = $this->rows($hires->filter(static fn (Hire $hire): bool => $isToday($hire->goes_out_at)), Movement::Checkout, $hires, $now);
        $ins = $this->rows($hires->filter(static fn (Hire $hire): bool => $isToday($hire->comes_back_at)), Movement::Return, $hires, $now);

        return [
            'date' => $day->format('Y-m-d'),
            'now' => Moment::text($now),
            'outs' => $outs,
            'ins' => $ins,
            'totals' => ['outs' => $this->totals($outs), 'ins' => $this->totals($ins)],
            'people' => $this->people(),
        ];
    }

    /**
     * @param Collection<int, Hire> $hires
     * @param Collection<int, Hire> $all
     * @return list<array<string, mixed>>
     */
    private function rows(Collection $hires, Movement $movement, Collection $all, CarbonImmutable $now): array
    {
        $rows = $hires->map(fn (Hire $hire): array => $this->row->of($hire, $movement, $all, $now))->values()->all();
        usort($rows, static fn (array $a, array $b): int => [$a['done_at'] === null, $a['start_by']] <=> [$b['done_at'] === null, $b['start_by']]);

        return $rows;
    }

    /**
     * @param list<array<string, mixed>> $rows
     * @return array<string, int>
     */
    private function totals(array $rows): array
    {
        $walking = array_filter($rows, static fn (array $row): bool => $row['done_at'] === null && $row['started_at'] !== null);
        $ahead = array_filter($rows, static fn (array $row): bool => $row['started_at'] === null && $row['done_at'] === null);

        return [
            'all' => count($rows),
            'done' => count(array_filter($rows, static fn (array $row): bool => $row['done_at'] !== null && $row['state']['mark'] !== 'stop')),
            'walking' => count($walking),
            'tagged_out' => count(array_filter($rows, static fn (array $row): bool => $row['state']['mark'] === 'stop')),
            'ahead' => count($ahead),
            'ahead_seconds' => array_sum(array_column($ahead, 'work_seconds')),
        ];
    }

    /** @return list<array<string, mixed>> who walks machines, and what each is on */
    private function people(): array
    {
        $walking = Walk::query()->with(['machine', 'lines'])->whereNull('decision')->whereHas('machine')
            ->whereHas('hire.state', static fn ($state) => $state->whereIn('standing', [HireStanding::WalkingOut, HireStanding::WalkingIn]))
            ->orderBy('opened_at')->get()->keyBy('opened_by_id');

        return array_values(User::query()->whereIn('role', [Role::Technician, Role::Mechanic])->orderBy('name')->get()->map(static function (User $user) use ($walking): array {
            $walk = $walking->get($user->id);

            return [
                'person' => PresentPerson::of($user),
                'doing' => $walk === null ? Words::say('words.day.free') : Words::say('words.day.on', [
                    'number' => $walk->machine->fleet_number,
                    'done' => $walk->lines->where('outcome.value', '!=', 'open')->count(),
                    'all' => $walk->lines->count(),
                ]),
            ];
        })->all());
    }
}
