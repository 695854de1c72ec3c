<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Ledger\HiresAhead;
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
use Illuminate\Support\Collection;
use JadeLedger\Core\Catalogue\AnswerKind;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Service\DueOnHire;
use JadeLedger\Core\Service\DuePoint;

/** The service points of one machine with its readings: what is due, when it will be, and on which hire. */
final readonly class PresentServiceOfMachine
{
    private const MOST_HIRES = 20;

    private const LOOKS_BACK_DAYS = 400;

    /** Days for which the hours are told. */
    private const AHEAD = [0, 15, 30, 60, 90];

    public function __construct(private ServiceOfMachine $service, private CurrentYard $yard)
    {
    }

    /** @return array<string, mixed> */
    public function of(Machine $machine): array
    {
        $now = CarbonImmutable::now();
        $today = $this->service->day($now);
        $use = UseOfMachine::of($machine);
        $records = $this->service->records($machine->id);
        $schedule = $this->service->scheduleFrom($machine, $records, $use, $now);
        $hires = $machine->hires()->with('state')->limit(self::MOST_HIRES)->get();
        $ahead = HiresAhead::of($hires, $today, $this->yard->timezone());
        $forecast = $use->forecast($now->toDateTimeImmutable());
        $rate = $use->rate($hires, $now->toDateTimeImmutable())->hoursPerDay ?? $forecast?->hoursPerDay;

        $changes = MeterChange::query()->where('machine_id', $machine->id)->orderBy('at')->get();

        return [
            'machine_id' => $machine->id,
            'today' => $today->text(),
            'hours_per_day' => $forecast === null ? null : number_format($forecast->hoursPerDay, 1, '.', ''),
            'points' => array_map(
                static fn (DuePoint $point): array => PresentServicePoint::of(
                    $point,
                    $today,
                    DueOnHire::first($point, $ahead, $today, $rate),
                    $records,
                ),
                $schedule->points,
            ),
            'readings' => self::readings($machine->id, $changes),
            'meter_changes' => array_values($changes->map(static fn (MeterChange $change): array => [
                'at' => Moment::text($change->at), 'counted_to' => $change->counted_to, 'began' => $change->began,
            ])->all()),
            'expected' => $forecast === null ? [] : array_map(static function (int $days) use ($forecast, $today): array {
                $hours = $forecast->hoursIn($days);

                return [
                    'on' => $today->plusDays($days)->text(),
                    'low' => self::tenth($hours->low),
                    'likely' => self::tenth($hours->likely),
                    'high' => self::tenth($hours->high),
                ];
            }, self::AHEAD),
        ];
    }

    /**
     * @param Collection<int, MeterChange> $changes
     * @return list<array<string, mixed>> in all, the oldest first; disputed ones among them, struck ones not
     */
    private static function readings(string $machineId, Collection $changes): array
    {
        $since = CarbonImmutable::now()->subDays(self::LOOKS_BACK_DAYS)->format('Y-m-d H:i:s.u');
        $walks = Reading::query()->where('machine_id', $machineId)->where('recorded_at', '>=', $since)
            ->where('judgement->kind', AnswerKind::HourMeter->value)->where('is_valid', true)->where('is_struck', false)
            ->get()->map(static fn (Reading $one): array => self::reading(
                $changes,
                $one->value,
                $one->recorded_at,
                'walk',
                (bool) ($one->judgement['verdict']['is_disputed'] ?? false),
            ));
        $beside = MeterReadingRecord::query()->where('machine_id', $machineId)->where('at', '>=', $since)
            ->get()->map(static fn (MeterReadingRecord $one): array => self::reading(
                $changes,
                $one->hours,
                $one->at,
                'yard',
                false,
            ));
        $all = [...$walks->all(), ...$beside->all()];
        usort($all, static fn (array $a, array $b): int => $a['at'] <=> $b['at']);

        return $all;
    }

    /**
     * @param Collection<int, MeterChange> $changes
     * @return array<string, mixed>
     */
    private static function reading(
        Collection $changes,
        string $shows,
        CarbonInterface $at,
        string $how,
        bool $isDisputed,
    ): array {
        $hours = $changes->filter(static fn (MeterChange $change): bool => $change->at->lessThanOrEqualTo($at))->reduce(
            static fn (Quantity $sum, MeterChange $change): Quantity => $sum->plus(
                Quantity::of($change->offset_hours, Unit::Hour),
            ),
            Quantity::of($shows, Unit::Hour),
        );

        return [
            'at' => Moment::text($at),
            'hours' => (string) $hours->decimal(1, RoundingMode::HALF_UP),
            'shows' => (string) Quantity::of($shows, Unit::Hour)->decimal(1, RoundingMode::HALF_UP),
            'how' => $how,
            'is_disputed' => $isDisputed,
        ];
    }

    private static function tenth(float $hours): string
    {
        return number_format($hours, 1, '.', '');
    }
}
