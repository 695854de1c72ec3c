<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Catalogue\CatalogueRepository;
use App\Ledger\HiresAhead;
use App\Ledger\ProgrammeOfModel;
use App\Ledger\ServiceOfMachine;
use App\Ledger\UseOfMachine;
use App\Models\Hire;
use App\Models\Machine;
use App\Models\ServiceRecord;
use App\Yards\CurrentYard;
use Brick\Math\BigDecimal;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use JadeLedger\Core\Paper\CalendarDate;
use JadeLedger\Core\Service\DueOnHire;
use JadeLedger\Core\Service\DuePoint;
use JadeLedger\Core\Service\DueState;
use JadeLedger\Core\Service\HireSpan;

/** What the fleet needs in the next three weeks: each machine with its points and its hires, and the kit for all of it. */
final readonly class PresentHorizon
{
    private const DAYS = 21;

    public function __construct(
        private CatalogueRepository $shelf,
        private ServiceOfMachine $service,
        private ProgrammeOfModel $programme,
        private CurrentYard $yard,
    ) {
    }

    /** @return array<string, mixed> */
    public function ofFleet(): array
    {
        $now = CarbonImmutable::now();
        $today = $this->service->day($now);
        $records = ServiceRecord::query()->with('actor')
            ->whereIn('machine_id', Machine::query()->whereNull('left_at')->select('id'))
            ->get()->groupBy('machine_id');
        $known = array_map(strval(...), array_keys($records->all()));
        $machines = Machine::query()->with(['state', 'place'])->whereIn('id', $known)->orderBy('fleet_number')->get();
        $uses = UseOfMachine::ofAll($known);
        $hires = Hire::query()->with(['state', 'customer'])->whereIn('machine_id', $known)->whereNull('cancelled_at')
            ->where('goes_out_at', '>=', $now->subDays(400)->format('Y-m-d H:i:s.u'))->get()->groupBy('machine_id');
        $rows = [];
        $notKnown = $this->neverRecorded($known);
        $kit = [];
        foreach ($machines as $machine) {
            $ofMachine = $records->get($machine->id) ?? new Collection;
            $use = $uses[$machine->id];
            $schedule = $this->service->scheduleFrom($machine, $ofMachine, $use, $now);
            $notKnown += count(array_filter(
                $schedule->points,
                static fn (DuePoint $one): bool => $one->state === DueState::NotKnown,
            ));
            $near = array_values(array_filter($schedule->points, self::isNear(...)));
            if ($near === []) {
                continue;
            }
            $own = $hires->get($machine->id) ?? new Collection;
            $ahead = HiresAhead::of($own, $today, $this->yard->timezone());
            $rate = $use->rate($own, $now->toDateTimeImmutable())->hoursPerDay
                ?? $use->forecast($now->toDateTimeImmutable())?->hoursPerDay;
            foreach ($near as $point) {
                $this->collect($kit, $point, $machine->fleet_number);
            }
            $rows[] = $this->row($machine, $near, $ahead, $own, $today, $rate, $ofMachine);
        }
        // What is due first stands on top; a clash with a hire before what can be done in the yard.
        usort($rows, static fn (array $a, array $b): int => [$a['days_left'], ! $a['clashes']] <=> [$b['days_left'], ! $b['clashes']]);

        return [
            'today' => $today->text(),
            'until' => $today->plusDays(self::DAYS)->text(),
            'machines' => $rows,
            'not_recorded' => $notKnown,
            'kit' => array_values($kit),
        ];
    }

    /**
     * Points of machines of which nothing was ever recorded: they are counted by model, and none of them is computed.
     *
     * @param list<string> $known ids of the others
     */
    private function neverRecorded(array $known): int
    {
        $models = Machine::query()->whereNull('left_at')->whereNotIn('id', $known)->groupBy('model_id')
            ->selectRaw('model_id, count(*) as machines')->get();
        $points = 0;
        foreach ($models as $model) {
            $points += (int) $model->machines
                * count($this->programme->of($model->model_id)->points);
        }

        return $points;
    }

    private static function isNear(DuePoint $point): bool
    {
        return $point->state->isDue() || ($point->days() !== null && $point->days() <= self::DAYS);
    }

    /**
     * @param list<DuePoint> $points
     * @param list<HireSpan> $ahead
     * @param Collection<int, Hire> $hires
     * @param Collection<int, ServiceRecord> $records
     * @return array<string, mixed>
     */
    private function row(
        Machine $machine,
        array $points,
        array $ahead,
        Collection $hires,
        CalendarDate $today,
        ?float $rate,
        Collection $records,
    ): array {
        $catalogue = $this->shelf->current();
        $model = $catalogue->model($machine->model_id);
        $shown = array_map(static fn (DuePoint $point): array => PresentServicePoint::of(
            $point,
            $today,
            DueOnHire::first($point, $ahead, $today, $rate),
            $records,
        ), $points);
        $names = $hires->keyBy('id');

        return [
            'machine_id' => $machine->id,
            'fleet_number' => $machine->fleet_number,
            'drawing' => $catalogue->family($model->familyId)->drawing,
            'family' => $catalogue->family($model->familyId)->name,
            'hours' => $machine->state?->smr_hours,
            'hours_per_day' => $rate === null ? null : number_format($rate, 1, '.', ''),
            'standing' => $machine->state?->standing->value ?? 'in_yard',
            'days_left' => min([self::DAYS, ...array_map(static fn (DuePoint $point): int => $point->days() ?? 0, $points)]),
            // A duty of the hirer's is no clash: it is done on site.
            'clashes' => array_filter($shown, static fn (array $one): bool => $one['on_hire'] !== null && $one['done_by'] === 'yard') !== [],
            'points' => $shown,
            'hires' => array_map(static fn (HireSpan $span): array => [
                'hire_id' => $span->hireId,
                'customer' => $names[$span->hireId]->customer->name,
                'from' => $span->from->text(),
                'until' => $span->until->text(),
            ], $ahead),
        ];
    }

    /** @param  array<string, array<string, mixed>>  $kit */
    private function collect(array &$kit, DuePoint $point, string $fleetNumber): void
    {
        foreach ($point->point->kit as $item) {
            $line = $kit[$item->name] ?? ['name' => $item->name, 'unit' => $item->unit, 'quantity' => null, 'machines' => []];
            if ($item->quantity !== null) {
                $line['quantity'] = (string) BigDecimal::of($line['quantity'] ?? '0')->plus($item->quantity);
            }
            $line['machines'] = array_values(array_unique([...$line['machines'], $fleetNumber]));
            $kit[$item->name] = $line;
        }
    }
}
