<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Models\Hire;
use App\Models\Machine;
use App\Models\ServiceRecord;
use Illuminate\Support\Collection;
use JadeLedger\Core\Meter\Meter;
use JadeLedger\Core\Service\Happened;
use JadeLedger\Core\Service\WorkDone;

/** What the ledger knows of a machine that its service goes by: what was done to it, its readings, its hires. */
final readonly class ServiceHistory
{
    /** Those that are open, and enough before them for the hours of a day on hire. */
    private const MOST_HIRES = 30;

    /**
     * @param Machine $machine with its state
     * @param Collection<int, ServiceRecord> $records with who did it
     * @param Collection<int, Hire> $hires with their states
     * @param UseOfMachine $work by its second meter
     */
    public function __construct(
        public Machine $machine,
        public Collection $records,
        public UseOfMachine $use,
        public Collection $hires,
        public Happened $happened,
        public UseOfMachine $work,
    ) {
    }

    public static function of(Machine $machine): self
    {
        $hires = $machine->hires()->with('state')->limit(self::MOST_HIRES)->get();

        return new self(
            $machine->loadMissing('state'),
            ServiceRecord::ofMachine($machine->id),
            UseOfMachine::of($machine),
            $hires,
            HappenedTo::of($hires, HappenedTo::last([$machine->id])[$machine->id]),
            UseOfMachine::of($machine, Meter::Work),
        );
    }

    /** @return list<WorkDone> */
    public function done(): array
    {
        return array_values($this->records->map(static fn (ServiceRecord $record): WorkDone => $record->work())->all());
    }
}
