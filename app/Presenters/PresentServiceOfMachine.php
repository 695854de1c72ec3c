<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Ledger\HourMeterOfMachine;
use App\Ledger\MeterOffsets;
use App\Ledger\PointAhead;
use App\Ledger\ServiceHistory;
use App\Ledger\ServiceOfMachine;
use App\Ledger\UseOfMachine;
use App\Models\Machine;
use App\Models\MeterChange;
use App\Models\MeterReadingRecord;
use App\Models\Reading;
use App\Yards\CurrentYard;
use Brick\Math\RoundingMode;
use Carbon\CarbonImmutable;
use Carbon\CarbonInterface;
use JadeLedger\Core\Meter\Meter;
use JadeLedger\Core\Meter\MeterPoint;
use JadeLedger\Core\Paper\CalendarDate;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Service\MeterForecast;
use JadeLedger\Core\Service\ServicePoint;

/** The service points of one machine with its readings: what is due, when it will be, and on which hire. */
final readonly class PresentServiceOfMachine
{
    private const LOOKS_BACK_DAYS = 400;

    /** Days for which the hours are told. */
    private const AHEAD = [0, 15, 30, 60, 90];

    public function __construct(
        private ServiceOfMachine $service,
        private PresentServiceRound $round,
        private HourMeterOfMachine $meter,
        private CurrentYard $yard,
    ) {
    }

    /** @return array<string, mixed> */
    public function of(Machine $machine): array
    {
        $now = CarbonImmutable::now();
        $today = $this->yard->dayOf($now);
        $history = ServiceHistory::of($machine);
        $outlook = $this->service->outlook($history, $now);
        $forecast = $outlook->forecast;
        $offsets = $history->use->offsets;
        $places = $this->round->of(
            array_map(static fn (PointAhead $ahead): ServicePoint => $ahead->point->point, $outlook->points),
            $machine->model_id,
        );

        return [
            'machine_id' => $machine->id,
            'drawing' => $this->round->drawing($machine->model_id),
            'today' => $today->text(),
            'hours_per_day' => $forecast === null ? null : self::tenth($forecast->hoursPerDay),
            'points' => array_map(
                static fn (PointAhead $ahead): array => PresentServicePoint::of($ahead, $today, $history->records)
                    + $places[$ahead->point->point->id],
                $outlook->points,
            ),
            'readings' => self::readings($machine->id, $history->use, Meter::Main, $now),
            'work_meter' => $this->workMeter($machine, $history, $now),
            'telematics' => PresentTelematics::ofMachine($machine->id, $history->use->lastRead()),
            'meter_changes' => array_values($offsets->changes->map(static fn (MeterChange $change): array => [
                'at' => Moment::text($change->at), 'counted_to' => $change->counted_to, 'began' => $change->began,
            ])->all()),
            'expected' => $forecast === null ? [] : array_map(
                static fn (int $days): array => self::expected($forecast, $days, $today),
                self::AHEAD,
            ),
        ];
    }

    /** @return array<string, mixed>|null its second meter; nothing where the model has none */
    private function workMeter(Machine $machine, ServiceHistory $history, CarbonImmutable $now): ?array
    {
        if (! $this->meter->has($machine, Meter::Work)) {
            return null;
        }
        $hours = $history->work->inAll($machine);
        $forecast = $history->work->forecast($now->toDateTimeImmutable());

        return [
            'hours_in_all' => $hours === null ? null : (string) $hours->decimal(1, RoundingMode::HALF_UP),
            'hours_per_day' => $forecast === null ? null : self::tenth($forecast->hoursPerDay),
            'readings' => self::readings($machine->id, $history->work, Meter::Work, $now),
        ];
    }

    /** @return list<array<string, mixed>> in all, the oldest first; disputed ones among them, struck ones not */
    private static function readings(string $machineId, UseOfMachine $use, Meter $meter, CarbonImmutable $now): array
    {
        $offsets = $use->offsets;
        $from = $now->subDays(self::LOOKS_BACK_DAYS)->format('Y-m-d H:i:s.u');
        $walks = Reading::ofHourMeter($meter)->where('machine_id', $machineId)
            ->where('recorded_at', '>=', $from)->get();
        $beside = MeterReadingRecord::of($meter)->where('machine_id', $machineId)->where('at', '>=', $from)->get();
        $all = [
            ...$walks->map(static fn (Reading $one): array => [
                ...self::reading($offsets, $one->value, $one->recorded_at),
                'how' => 'walk',
                'is_disputed' => (bool) ($one->judgement['verdict']['is_disputed'] ?? false),
            ])->all(),
            ...$beside->map(static fn (MeterReadingRecord $one): array => [
                ...self::reading($offsets, $one->hours, $one->at),
                'how' => 'yard',
                'is_disputed' => false,
            ])->all(),
            ...array_map(static fn (MeterPoint $point): array => [
                'at' => Moment::text(CarbonImmutable::instance($point->at)),
                'hours' => (string) $point->hours->decimal(1, RoundingMode::HALF_UP),
                'shows' => (string) $point->hours
                    ->minus($offsets->at(CarbonImmutable::instance($point->at)))
                    ->decimal(1, RoundingMode::HALF_UP),
                'how' => 'telematics',
                'is_disputed' => false,
            ], $use->reported),
        ];
        usort($all, static fn (array $a, array $b): int => $a['at'] <=> $b['at']);

        return $all;
    }

    /** @return array{at: string, hours: string, shows: string} */
    private static function reading(MeterOffsets $offsets, string $shows, CarbonInterface $at): array
    {
        $hours = Quantity::of($shows, Unit::Hour);

        return [
            'at' => Moment::text($at),
            'hours' => (string) $hours->plus($offsets->at($at))->decimal(1, RoundingMode::HALF_UP),
            'shows' => (string) $hours->decimal(1, RoundingMode::HALF_UP),
        ];
    }

    /** @return array{on: string, low: string, likely: string, high: string} */
    private static function expected(MeterForecast $forecast, int $days, CalendarDate $today): array
    {
        $hours = $forecast->hoursIn($days);

        return [
            'on' => $today->plusDays($days)->text(),
            'low' => self::tenth($hours->low),
            'likely' => self::tenth($hours->likely),
            'high' => self::tenth($hours->high),
        ];
    }

    private static function tenth(float $hours): string
    {
        return number_format($hours, 1, '.', '');
    }
}
