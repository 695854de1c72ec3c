<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Catalogue\CatalogueRepository;
use App\Ledger\PointAhead;
use App\Ledger\ProgrammeOfModel;
use App\Ledger\ServiceHistory;
use App\Ledger\ServiceOfMachine;
use App\Ledger\ServiceOutlook;
use App\Ledger\UseOfMachine;
use App\Models\Hire;
use App\Models\Machine;
use App\Models\ServiceRecord;
use App\Yards\CurrentYard;
use Brick\Math\BigDecimal;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use JadeLedger\Core\Paper\CalendarDate;
use JadeLedger\Core\Service\DoneBy;
use JadeLedger\Core\Service\DueState;
use JadeLedger\Core\Service\HireSpan;

/** What the fleet needs in three weeks: each machine with its points and its hires, and the kit for all of it. */
final readonly class PresentHorizon
{
    private const DAYS = 21;

    private const LOOKS_BACK_DAYS = 400;

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
        $today = $this->yard->dayOf($now);
        $histories = $this->histories($now);
        $notKnown = $this->neverRecorded(
            array_map(static fn (ServiceHistory $history): string => $history->machine->id, $histories),
        );
        $rows = $near = [];
        foreach ($histories as $history) {
            $outlook = $this->service->outlook($history, $now);
            $notKnown += count(array_filter(
                $outlook->points,
                static fn (PointAhead $ahead): bool => $ahead->point->state === DueState::NotKnown,
            ));
            $points = array_values(array_filter($outlook->points, self::isNear(...)));
            if ($points !== []) {
                $near[$history->machine->fleet_number] = $points;
                $rows[] = $this->row($history, $outlook, $points, $today);
            }
        }
        // What is due first stands on top; a clash with a hire before what can be done in the yard.
        $order = static fn (array $row): array => [$row['days_left'], ! $row['clashes']];
        usort($rows, static fn (array $a, array $b): int => $order($a) <=> $order($b));

        return [
            'today' => $today->text(),
            'until' => $today->plusDays(self::DAYS)->text(),
            'machines' => $rows,
            'not_recorded' => $notKnown,
            'kit' => self::kit($near),
        ];
    }

    /** @return list<ServiceHistory> of machines of which something was recorded */
    private function histories(CarbonImmutable $now): array
    {
        $records = ServiceRecord::query()->with('actor')
            ->whereIn('machine_id', Machine::query()->whereNull('left_at')->select('id'))
            ->get()->groupBy('machine_id');
        $known = array_map(strval(...), array_keys($records->all()));
        $uses = UseOfMachine::ofAll($known);
        $hires = Hire::query()->with(['state', 'customer'])->whereIn('machine_id', $known)->whereNull('cancelled_at')
            ->where('goes_out_at', '>=', $now->subDays(self::LOOKS_BACK_DAYS)->format('Y-m-d H:i:s.u'))
            ->get()->groupBy('machine_id');
        $machines = Machine::query()->with('state')->whereIn('id', $known)->orderBy('fleet_number')->get();

        return array_values($machines->map(static fn (Machine $machine): ServiceHistory => new ServiceHistory(
            $machine,
            $records->get($machine->id) ?? new Collection,
            $uses[$machine->id],
            $hires->get($machine->id) ?? new Collection,
        ))->all());
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
            $points += (int) $model->machines * count($this->programme->of($model->model_id)->points);
        }

        return $points;
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
            'clashes' => array_filter($points, self::isClash(...)) !== [],
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

    /** A duty of the hirer's is no clash: it is done on site. */
    private static function isClash(PointAhead $ahead): bool
    {
        return $ahead->onHire !== null && $ahead->point->point->doneBy === DoneBy::Yard;
    }

    /**
     * @param array<string, list<PointAhead>> $near by fleet number
     * @return list<array<string, mixed>>
     */
    private static function kit(array $near): array
    {
        $kit = [];
        foreach ($near as $number => $points) {
            $items = array_merge(...array_map(
                static fn (PointAhead $one): array => $one->point->point->kit,
                $points,
            ));
            foreach ($items as $item) {
                $line = $kit[$item->name] ?? [
                    'name' => $item->name, 'unit' => $item->unit, 'quantity' => null, 'machines' => [],
                ];
                if ($item->quantity !== null) {
                    $line['quantity'] = (string) BigDecimal::of($line['quantity'] ?? '0')->plus($item->quantity);
                }
                $line['machines'] = array_values(array_unique([...$line['machines'], (string) $number]));
                $kit[$item->name] = $line;
            }
        }

        return array_values($kit);
    }
}
