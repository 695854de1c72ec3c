<?php

declare(strict_types=1);

namespace App\Ledger\Verification;

use App\Ledger\VerifyLedger;
use App\Models\Machine;
use App\Models\Yard;

/** Every look that there is at the ledger, and what each of them found. */
final readonly class VerifyEverything
{
    public function __construct(
        private VerifyLedger $chains,
        private VerifyRecords $records,
        private VerifyAudit $audit,
        private CompareCheckpoint $checkpoint,
        private CompareRebuild $rebuild,
    ) {
    }

    public function __invoke(VerificationDepth $depth): VerificationReport
    {
        /** @var array<string, string> $numbers */
        $numbers = Machine::query()->withoutGlobalScopes()->pluck('fleet_number', 'id')->all()
            + Yard::query()->pluck('name', 'id')->all();
        $faults = [];
        $entries = 0;
        $reports = $this->chains->all();
        foreach ($reports as $chain => $report) {
            $name = $numbers[$chain] ?? $chain;
            $entries += $report->entriesRead;
            $link = $report->firstBroken;
            if ($link !== null) {
                $faults[] = "{$name}: broken at entry {$link->sequence} ({$link->entryId}): "
                    ."{$link->fault->sentence()}.";
            }
            if (! isset($numbers[$chain])) {
                $faults[] = "{$name}: there are entries of a machine or a yard that is not there any more.";
            }
        }
        foreach ($this->chains->unsealed() as $chain => $words) {
            $faults[] = ($numbers[$chain] ?? $chain).": {$words}";
        }
        array_push($faults, ...$this->checkpoint->faults(), ...$this->audit->faults());
        if ($depth === VerificationDepth::Deep) {
            array_push($faults, ...$this->records->faults(), ...$this->rebuild->faults());
        }

        return new VerificationReport(count($reports), $entries, $faults, $this->checkpoint->notice());
    }
}
