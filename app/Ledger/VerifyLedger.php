<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Models\LedgerEntry;
use App\Models\Machine;
use JadeLedger\Core\Ledger\ChainReport;
use JadeLedger\Core\Ledger\HashChain;

/** Walks the chain of a machine from its first entry. */
final class VerifyLedger
{
    public function __invoke(Machine $machine): ChainReport
    {
        $entries = LedgerEntry::query()->where('machine_id', $machine->id)->orderBy('sequence')->lazyById(500, 'sequence');

        return HashChain::verify($entries->map(static fn (LedgerEntry $entry) => $entry->chained()));
    }
}
