<?php

declare(strict_types=1);

namespace App\Ledger\Verification;

use App\Models\LedgerEntry;
use App\Models\Machine;
use App\Models\Yard;
use App\Yards\CurrentYard;

/**
 * Holds what a tablet was told of a chain against what stands in it now: with its last entry everything before that is
 * held, because each hash contains the one before.
 */
final readonly class CompareReceipts
{
    public function __construct(private CurrentYard $yard)
    {
    }

    /**
     * @param list<Receipt> $receipts
     * @return list<DifferingReceipt> those of this yard's chains, and of chains that are nowhere
     */
    public function __invoke(array $receipts): array
    {
        return array_values(array_filter(array_map($this->compare(...), $receipts)));
    }

    private function compare(Receipt $receipt): ?DifferingReceipt
    {
        $machine = Machine::query()->withoutGlobalScopes()->find($receipt->chain);
        $yard = $machine === null ? $receipt->chain : $machine->yard_id;
        $isOfAnotherYard = $yard !== $this->yard->id() && ($machine !== null || $this->isAYard($receipt->chain));
        if ($isOfAnotherYard) {
            return null;
        }
        $hash = LedgerEntry::query()
            ->where('chain_id', $receipt->chain)->where('sequence', $receipt->sequence)
            ->value('hash');
        if (is_string($hash) && hash_equals($hash, $receipt->hash)) {
            return null;
        }

        return new DifferingReceipt($receipt, $machine?->fleet_number, isMissing: ! is_string($hash));
    }

    private function isAYard(string $id): bool
    {
        return Yard::query()->whereKey($id)->exists();
    }
}
