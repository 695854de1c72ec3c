<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Catalogue\CatalogueRepository;
use App\Ledger\PointAhead;
use App\Ledger\ProgrammeOfModel;
use App\Ledger\RefreshForecasts;
use App\Ledger\ServiceHistories;
use App\Ledger\ServiceHistory;
use App\Ledger\ServiceOfMachine;
use App\Ledger\ServiceOutlook;
use App\Models\Machine;
use App\Texts;
use App\Yards\CurrentYard;
use Brick\Math\BigDecimal;
use Carbon\CarbonImmutable;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use JadeLedger\Core\Catalogue\MachineModel;
use JadeLedger\Core\Paper\CalendarDate;
use JadeLedger\Core\Service\HireSpan;
use JadeLedger\Core\Service\ServicePoint;

/**
 * What the fleet needs in three weeks: each machine with its points and its hires, and the kit for all of it. Which
 * machines these are, how many, and the kit are read from the forecasts; those on the page are computed anew.
 */
final readonly class PresentHorizon
{
    private const DAYS = 21;

    /** Forecasts that are worked out while somebody waits: the schedule does the others. */
    private const REFRESHED_AT_ONCE = 200;

    private const NUMBERS_SHOWN = 12;

    public function __construct(
        private CatalogueRepository $shelf,
        private ServiceOfMachine $service,
        private ProgrammeOfModel $programme,
        private RefreshForecasts $refresh,
        private CurrentYard $yard,
        private PresentServicePlans $plans,
    ) {
    }

    /** @return array<string, mixed> */
    public function ofFleet(HorizonAsked $asked): array
    {
        $now = CarbonImmutable::now();
        $today = $this->yard->dayOf($now);
        $until = $today->plusDays(self::DAYS);
        $waiting = ($this->refresh)(self::REFRESHED_AT_ONCE);
        $ids = $this->page($asked, $until);
        $models = $this->byModel($until);

        return [
            'today' => $today->text(),
            'until' => $until->text(),
            'machines' => $this->rows(array_slice($ids, 0, HorizonAsked::PAGE), $now, $today),
            'has_more' => count($ids) > HorizonAsked::PAGE,
            'totals' => [
                'machines' => (int) array_sum(array_column($models, 'machines')),
                'clashes' => (int) array_sum(array_column($models, 'clashes')),
                'points' => $this->ahead($until)->count(),
            ],
            'families' => $this->families($models),
            'waiting' => $waiting,
            'not_recorded' => $this->notRecorded(),
            'kit' => $this->kit($until),
            'planned' => $this->plans->ahead(),
        ];
    }

    private function near(CalendarDate $until): Builder
    {
        return DB::table('service_forecasts as f')->join('machines as m', 'm.id', '=', 'f.machine_id')
            ->where('f.yard_id', $this->yard->id())->whereNull('m.left_at')->where('f.next_day', '<=', $until->text());
    }

    private function ahead(CalendarDate $until): Builder
    {
        return DB::table('service_ahead as a')->join('machines as m', 'm.id', '=', 'a.machine_id')
            ->where('a.yard_id', $this->yard->id())->whereNull('m.left_at')->where('a.day', '<=', $until->text());
    }

    /** @return list<string> ids of machines, one more than a page has where there are more */
    private function page(HorizonAsked $asked, CalendarDate $until): array
    {
        $near = $this->near($until);
        if ($asked->drawing !== null) {
            $near->whereIn('m.model_id', $this->modelsDrawnAs($asked->drawing));
        }
        if ($asked->first === 'clash') {
            $near->orderByDesc('f.clashes');
        }
        $near->orderBy('f.next_day')->orderByDesc('f.clashes')->orderBy('m.fleet_number');

        return Texts::of($near->offset($asked->from)->limit(HorizonAsked::PAGE + 1)->pluck('f.machine_id'));
    }

    /** @return list<string> */
    private function modelsDrawnAs(string $drawing): array
    {
        $catalogue = $this->shelf->current();

        return array_keys(array_filter(
            $catalogue->models,
            static fn (MachineModel $model): bool => $catalogue->family($model->familyId)->drawing === $drawing,
        ));
    }

    /** @return list<\stdClass> */
    private function byModel(CalendarDate $until): array
    {
        return array_values($this->near($until)->groupBy('m.model_id')
            ->selectRaw('m.model_id, count(*) as machines, sum(f.clashes) as clashes')->get()->all());
    }

    /**
     * @param list<\stdClass> $models
     * @return list<array{drawing: string, name: string, count: int}> the largest first
     */
    private function families(array $models): array
    {
        $catalogue = $this->shelf->current();
        $families = [];
        /** @var object{model_id: string, machines: int} $row */
        foreach ($models as $row) {
            $family = $catalogue->family($catalogue->model($row->model_id)->familyId);
            $count = ($families[$family->drawing]['count'] ?? 0) + $row->machines;
            $families[$family->drawing] = ['drawing' => $family->drawing, 'name' => $family->name, 'count' => $count];
        }
        usort($families, static fn (array $a, array $b): int => $b['count'] <=> $a['count']);

        return $families;
    }

    /**
     * @param list<string> $ids
     * @return list<array<string, mixed>>
     */
    private function rows(array $ids, CarbonImmutable $now, CalendarDate $today): array
    {
        return array_map(function (ServiceHistory $history) use ($now, $today): array {
            $outlook = $this->service->outlook($history, $now);

            return $this->row(
                $history,
                $outlook,
                array_values(array_filter($outlook->points, self::isNear(...))),
                $today,
            );
        }, ServiceHistories::of($ids, $now));
    }

    /** Points that were never recorded: of machines with a record, and, counted by model, of those without. */
    private function notRecorded(): int
    {
        $known = (int) DB::table('service_forecasts as f')->join('machines as m', 'm.id', '=', 'f.machine_id')
            ->where('f.yard_id', $this->yard->id())->whereNull('m.left_at')->sum('f.not_known');
        $others = Machine::query()->toBase()->whereNull('left_at')
            ->whereNotExists(static fn (Builder $one) => $one->select(DB::raw('1'))->from('service_records as r')
                ->whereColumn('r.machine_id', 'machines.id'))
            ->groupBy('model_id')->selectRaw('model_id, count(*) as machines')->get();
        /** @var object{model_id: string, machines: int} $model */
        foreach ($others as $model) {
            $points = array_filter(
                $this->programme->of($model->model_id)->points,
                static fn (ServicePoint $point): bool => $point->isOn(null),
            );
            $known += $model->machines * count($points);
        }

        return $known;
    }

    private static function isNear(PointAhead $ahead): bool
    {
        $days = $ahead->point->days();

        return $ahead->point->state->isDue() || ($days !== null && $days <= self::DAYS);
    }

    /**
     * @param list<PointAhead> $points
     * @return array<string, mixed>
     */
    private function row(ServiceHistory $history, ServiceOutlook $outlook, array $points, CalendarDate $today): array
    {
        $machine = $history->machine;
        $catalogue = $this->shelf->current();
        $family = $catalogue->family($catalogue->model($machine->model_id)->familyId);
        $days = array_map(static fn (PointAhead $ahead): int => $ahead->point->days() ?? 0, $points);
        $hires = $history->hires->keyBy('id');

        return [
            'machine_id' => $machine->id,
            'fleet_number' => $machine->fleet_number,
            'drawing' => $family->drawing,
            'family' => $family->name,
            'hours' => $machine->state?->smr_hours,
            'hours_per_day' => $outlook->hoursPerDay === null ? null : number_format($outlook->hoursPerDay, 1, '.', ''),
            'standing' => $machine->state?->standing->value ?? 'in_yard',
            'days_left' => min([self::DAYS, ...$days]),
            'clashes' => array_filter($points, RefreshForecasts::isClash(...)) !== [],
            'points' => array_map(
                static fn (PointAhead $ahead): array => PresentServicePoint::of($ahead, $today, $history->records),
                $points,
            ),
            'hires' => array_map(static fn (HireSpan $span): array => [
                'hire_id' => $span->hireId,
                'customer' => $hires[$span->hireId]->customer->name,
                'from' => $span->from->text(),
                'until' => $span->until->text(),
            ], $outlook->hires),
        ];
    }

    /** @return list<array<string, mixed>> what the stores lay out for all of it */
    private function kit(CalendarDate $until): array
    {
        $kit = [];
        $rows = $this->ahead($until)->groupBy('a.point', 'm.model_id')->orderBy('a.point')->orderBy('m.model_id')
            ->selectRaw('a.point, m.model_id, count(*) as machines')
            ->selectRaw("group_concat(m.fleet_number order by m.fleet_number separator '\n') as numbers")->get();
        /** @var object{point: string, model_id: string, machines: int, numbers: string} $row */
        foreach ($rows as $row) {
            $numbers = explode("\n", $row->numbers);
            foreach ($this->programme->of($row->model_id)->points[$row->point]->kit ?? [] as $item) {
                $line = $kit[$item->name] ?? [
                    'name' => $item->name, 'unit' => $item->unit, 'quantity' => null, 'machines' => [], 'count' => 0,
                ];
                if ($item->quantity !== null) {
                    $all = BigDecimal::of($item->quantity)->multipliedBy($row->machines);
                    $line['quantity'] = (string) BigDecimal::of($line['quantity'] ?? '0')->plus($all);
                }
                $line['machines'] += array_fill_keys($numbers, true);
                $kit[$item->name] = $line;
            }
        }

        return array_values(array_map(static function (array $line): array {
            $numbers = array_map(strval(...), array_keys($line['machines']));

            return ['machines' => array_slice($numbers, 0, self::NUMBERS_SHOWN), 'count' => count($numbers)] + $line;
        }, $kit));
    }
}
