<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\PostEntries;
use App\Ledger\Actor;
use App\Ledger\Kinds\LedgerVerified;
use App\Ledger\RawEntry;
use App\Ledger\SystemPart;
use App\Ledger\Verification\VerificationDepth;
use App\Ledger\Verification\VerificationReport;
use App\Ledger\Verification\VerifyEverything;
use App\Ledger\VerifyLedger;
use App\Models\Machine;
use App\Models\Yard;
use Carbon\CarbonImmutable;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

final class LedgerVerify extends Command
{
    private const FAULTS_KEPT = 50;

    protected $signature = 'ledger:verify {machine? : fleet number; everything when it is left out}
        {--deep : hold plans, catalogues, photos and projections against the entries, too}
        {--record : keep the result for the day of the lead and the metrics}';

    protected $description = 'Walk the hash chains of the ledger and say what does not hold';

    public function handle(VerifyEverything $verify, VerifyLedger $chain, PostEntries $post): int
    {
        $number = $this->argument('machine');
        if (is_string($number)) {
            return $this->one($number, $chain);
        }
        $report = $verify($this->option('deep') ? VerificationDepth::Deep : VerificationDepth::Chains);
        foreach ($report->faults as $fault) {
            $this->error($fault);
        }
        if ($report->notice !== null) {
            $this->warn($report->notice);
        }
        $this->line(
            $report->holds()
                ? "{$report->chains} chains hold, {$report->entries} entries read."
                : count($report->faults).' things do not hold.',
        );
        if ($this->option('record')) {
            $this->record($report, $post);
        }

        return $report->holds() ? self::SUCCESS : self::FAILURE;
    }

    private function one(string $number, VerifyLedger $chain): int
    {
        $machine = Machine::query()->where('fleet_number', $number)->first();
        if ($machine === null) {
            $this->error("No machine has the fleet number {$number}.");

            return self::INVALID;
        }
        $report = $chain($machine);
        $link = $report->firstBroken;
        $faults = array_filter([
            $link === null ? null : "broken at entry {$link->sequence} ({$link->entryId}): {$link->fault->sentence()}.",
            $chain->unsealed()[$machine->id] ?? null,
        ]);
        foreach ($faults as $fault) {
            $this->error("{$number}: {$fault}");
        }
        if ($faults === []) {
            $this->line("The chain holds, {$report->entriesRead} entries read.");
        }

        return $faults === [] ? self::SUCCESS : self::FAILURE;
    }

    private function record(VerificationReport $report, PostEntries $post): void
    {
        DB::table('verification_reports')->insert([
            'at' => CarbonImmutable::now()->format('Y-m-d H:i:s.u'),
            'holds' => $report->holds(),
            'entries' => $report->entries,
            'faults' => json_encode(array_slice($report->faults, 0, self::FAULTS_KEPT), JSON_THROW_ON_ERROR),
        ]);
        foreach (Yard::query()->get() as $yard) {
            $said = ['entries' => $report->entries, 'faults' => count($report->faults)];
            $entry = RawEntry::of(LedgerVerified::name(), $said, CarbonImmutable::now());
            $post($yard, [$entry], Actor::system(SystemPart::Schedule));
        }
    }
}
