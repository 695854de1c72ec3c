<?php

declare(strict_types=1);

namespace App\Telematics;

use App\Models\Machine;
use JadeLedger\Core\Telematics\MachineReport;
use JadeLedger\Core\Telematics\WhyNotPlaced;

/** Which machine a report is of: by its serial number, or by the fleet number that the provider was told. */
final class MatchMachine
{
    public function __invoke(MachineReport $report): Machine|WhyNotPlaced
    {
        $bySerial = $report->serials === []
            ? null
            : Machine::query()->whereIn('serial', $report->serials)->whereNull('left_at')->get();
        $byNumber = $report->fleetNumber === null
            ? null
            : Machine::query()->where('fleet_number', $report->fleetNumber)->whereNull('left_at')->first();
        if (($bySerial?->count() ?? 0) > 1) {
            return WhyNotPlaced::TwoMachines;
        }
        $one = $bySerial?->first();

        return match (true) {
            $one === null && $byNumber === null => WhyNotPlaced::UnknownMachine,
            // A number that was given to another machine since: nobody knows which of both it is.
            $one !== null && $byNumber !== null && $one->id !== $byNumber->id => WhyNotPlaced::TwoMachines,
            $one === null && $report->serials !== [] => WhyNotPlaced::TwoMachines,
            default => $one ?? $byNumber,
        };
    }
}
