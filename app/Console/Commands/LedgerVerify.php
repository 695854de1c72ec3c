<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Ledger\VerifyLedger;
use App\Models\Machine;
use Illuminate\Console\Command;

final class LedgerVerify extends Command
{
    protected $signature = 'ledger:verify {machine? : fleet number; all machines when it is left out}';

    protected $description = 'Walk the hash chains of the ledger and name the first broken link';

    public function handle(VerifyLedger $verify): int
    {
        $argument = $this->argument('machine');
        $number = is_string($argument) ? $argument : null;
        $machines = Machine::query()->orderBy('fleet_number')->when($number !== null, static fn ($query) => $query->where('fleet_number', $number))->get();
        if ($machines->isEmpty()) {
            $this->error("No machine has the fleet number {$number}.");

            return self::INVALID;
        }
        $broken = 0;
        $entries = 0;
        $reports = $number === null ? $verify->all() : [];
        foreach ($machines as $machine) {
            $report = $reports[$machine->id] ?? $verify($machine);
            $entries += $report->entriesRead;
            if ($report->firstBroken !== null) {
                $broken++;
                $link = $report->firstBroken;
                $this->error("{$machine->fleet_number}: broken at entry {$link->sequence} ({$link->entryId}): {$link->fault->sentence()}.");
            }
        }
        $this->line($broken === 0
            ? ($machines->count() === 1 ? "The chain holds, {$entries} entries read." : "{$machines->count()} chains hold, {$entries} entries read.")
            : "{$broken} of {$machines->count()} chains are broken.");

        return $broken === 0 ? self::SUCCESS : self::FAILURE;
    }
}
