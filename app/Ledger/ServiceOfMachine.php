<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Models\Machine;
use App\Models\ServiceRecord;
use App\Yards\CurrentYard;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use JadeLedger\Core\Paper\CalendarDate;
use JadeLedger\Core\Service\Programme;
use JadeLedger\Core\Service\ServiceSchedule;
use JadeLedger\Core\Service\WorkDone;

/** The service points of a machine as the ledger knows them. */
final readonly class ServiceOfMachine
{
    public function __construct(private ProgrammeOfModel $programme, private CurrentYard $yard)
    {
    }

    public function programme(Machine $machine): Programme
    {
        return $this->programme->of($machine->model_id);
    }

    public function schedule(Machine $machine, CarbonImmutable $now): ServiceSchedule
    {
        return $this->scheduleFrom($machine, $this->records($machine->id), UseOfMachine::of($machine), $now);
    }

    /** @param  Collection<int, ServiceRecord>  $records */
    public function scheduleFrom(
        Machine $machine,
        Collection $records,
        UseOfMachine $use,
        CarbonImmutable $now,
    ): ServiceSchedule {
        return ServiceSchedule::of(
            $this->programme($machine),
            array_values($records->map(static fn (ServiceRecord $record): WorkDone => $record->work())->all()),
            $use->hoursInAll($machine),
            $this->day($now),
            $use->forecast($now->toDateTimeImmutable()),
        );
    }

    /** @return Collection<int, ServiceRecord> the newest first */
    public function records(string $machineId): Collection
    {
        return ServiceRecord::query()->with('actor')->where('machine_id', $machineId)
            ->orderByDesc('done_on')->orderByDesc('hours_in_all')->get();
    }

    /** The day of the yard's calendar. */
    public function day(CarbonImmutable $moment): CalendarDate
    {
        return CalendarDate::parse($moment->setTimezone($this->yard->timezone())->format('Y-m-d'));
    }
}
