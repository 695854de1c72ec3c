<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Ledger\HiresAhead;
use App\Ledger\ServiceOfMachine;
use App\Ledger\UseOfMachine;
use App\Models\Machine;
use App\Yards\CurrentYard;
use Brick\Math\RoundingMode;
use Carbon\CarbonImmutable;
use JadeLedger\Core\Meter\MeterPoint;
use JadeLedger\Core\Service\DueOnHire;
use JadeLedger\Core\Service\DuePoint;

/** The service points of one machine with its readings: what is due, when it will be, and on which hire. */
final readonly class PresentServiceOfMachine
{
    private const MOST_HIRES = 20;

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
            'readings' => array_map(static fn (MeterPoint $point): array => [
                'at' => Moment::text(CarbonImmutable::instance($point->at)),
                'hours' => (string) $point->hours->decimal(1, RoundingMode::HALF_UP),
            ], $use->points()),
        ];
    }
}
