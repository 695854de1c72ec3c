<?php

declare(strict_types=1);

namespace App\Search;

use App\Catalogue\CatalogueRepository;
use App\Http\PageCursor;
use App\Models\Hire;
use App\Models\HireStatus;
use App\Models\Machine;
use App\Models\MachineStanding;
use App\Models\ServiceForecast;
use App\Models\User;
use App\Presenters\PresentMachine;
use App\Words;
use App\Yards\CurrentYard;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\Request;
use JadeLedger\Core\Catalogue\MachineModel;

/** The fleet in pages, by fleet number, with how many machines each filter would leave. */
final readonly class ListFleet
{
    private const PAGE = 100;

    public function __construct(
        private CatalogueRepository $shelf,
        private PresentMachine $present,
        private CurrentYard $yard,
    ) {
    }

    /** @return array<string, mixed> */
    public function __invoke(Request $request, User $reader): array
    {
        $filter = FleetFilter::of($request);
        $page = $this->matching($filter, $reader)
            ->with(['state', 'place'])
            ->orderBy('fleet_number')
            ->cursorPaginate(self::PAGE, cursor: PageCursor::of($request, 'fleet_number'));

        return [
            'machines' => array_map($this->present->row(...), array_values($page->items())),
            'next_cursor' => $page->nextCursor()?->encode(),
            'total' => $this->matching($filter, $reader)->count(),
            'families' => $this->families(),
            'standings' => $this->standings(),
            'only' => array_map(fn (FleetOnly $only): array => [
                'only' => $only->value,
                'count' => $this->only(Machine::query()->whereNull('left_at'), $only, $reader)->count(),
            ], FleetOnly::cases()),
        ];
    }

    /** @return Builder<Machine> */
    private function matching(FleetFilter $filter, User $reader): Builder
    {
        $query = Machine::query()->whereNull('left_at');
        if ($filter->only !== null) {
            $this->only($query, $filter->only, $reader);
        }
        if ($filter->search !== '') {
            $like = '%'.addcslashes($filter->search, '%_\\').'%';
            $query->where(
                static fn (Builder $any): Builder => $any->where('fleet_number', 'like', $like)
                    ->orWhere('serial', 'like', $like),
            );
        }
        if ($filter->family !== '') {
            $query->whereIn('model_id', $this->modelsOf($filter->family));
        }
        if ($filter->standing !== null) {
            $query->where(static function (Builder $any) use ($filter): void {
                $any->whereHas(
                    'state',
                    static fn (Builder $state): Builder => $state->where('standing', $filter->standing),
                );
                if ($filter->standing === MachineStanding::InYard) {
                    // What was never walked has no state yet.
                    $any->orWhereDoesntHave('state');
                }
            });
        }

        return $query;
    }

    /**
     * @param Builder<Machine> $query
     * @return Builder<Machine> the same, narrowed
     */
    private function only(Builder $query, FleetOnly $only, User $reader): Builder
    {
        return match ($only) {
            FleetOnly::Due => $query->whereIn(
                'id',
                ServiceForecast::query()
                    ->where('next_day', '<=', $this->yard->dayOf(CarbonImmutable::now())->text())
                    ->select('machine_id'),
            ),
            FleetOnly::Mine => $query->whereIn(
                'id',
                Hire::query()
                    ->whereNull('cancelled_at')
                    ->where(static fn (Builder $either): Builder => $either
                        ->where('out_assignee_id', $reader->id)
                        ->orWhere('in_assignee_id', $reader->id))
                    ->whereDoesntHave(
                        'state',
                        static fn (Builder $state): Builder => $state->where('standing', HireStatus::Closed),
                    )
                    ->select('machine_id'),
            ),
        };
    }

    /** @return list<string> */
    private function modelsOf(string $family): array
    {
        return array_values(array_map(
            static fn (MachineModel $model): string => $model->id,
            array_filter(
                $this->shelf->current()->models,
                static fn (MachineModel $model): bool => $model->familyId === $family,
            ),
        ));
    }

    /** @return list<array{id: string, name: string, drawing: string, count: int}> families that the fleet has */
    private function families(): array
    {
        $catalogue = $this->shelf->current();
        $counts = [];
        $rows = Machine::query()->whereNull('left_at')->toBase()
            ->selectRaw('model_id, count(*) as many')
            ->groupBy('model_id')
            ->get();
        /** @var object{model_id: string, many: int} $row */
        foreach ($rows as $row) {
            $family = $catalogue->model($row->model_id)->familyId;
            $counts[$family] = ($counts[$family] ?? 0) + $row->many;
        }
        $families = [];
        foreach (array_intersect_key($catalogue->families, $counts) as $id => $family) {
            $families[] = [
                'id' => $id, 'name' => $family->name, 'drawing' => $family->drawing, 'count' => $counts[$id],
            ];
        }

        return $families;
    }

    /** @return list<array{standing: string, words: string, count: int}> */
    private function standings(): array
    {
        $rows = Machine::query()->whereNull('left_at')->toBase()
            ->leftJoin('machine_states', 'machine_states.machine_id', '=', 'machines.id')
            ->selectRaw('machine_states.standing as standing, count(*) as many')
            ->groupBy('machine_states.standing')
            ->get();
        $counts = [];
        /** @var object{standing: string|null, many: int} $row */
        foreach ($rows as $row) {
            $standing = $row->standing ?? MachineStanding::InYard->value;
            $counts[$standing] = ($counts[$standing] ?? 0) + $row->many;
        }

        return array_map(static fn (MachineStanding $one): array => [
            'standing' => $one->value,
            'words' => Words::say("words.machine.{$one->value}"),
            'count' => $counts[$one->value],
        ], array_values(array_filter(
            MachineStanding::cases(),
            static fn (MachineStanding $one): bool => isset($counts[$one->value]),
        )));
    }
}
