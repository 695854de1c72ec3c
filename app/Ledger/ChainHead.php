<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Models\LedgerEntry;
use JadeLedger\Core\Ledger\HashChain;

/** The end of a machine's chain, read once while its row is locked and moved on with each entry. */
final class ChainHead
{
    /** @var array<string, true> the ids that were appended since */
    private array $appended = [];

    private function __construct(public readonly string $machineId, private int $sequence, private string $hash)
    {
    }

    public static function of(string $machineId): self
    {
        $last = LedgerEntry::query()->where('machine_id', $machineId)->orderByDesc('sequence')->first(['sequence', 'hash']);

        return new self($machineId, $last->sequence ?? 0, $last->hash ?? HashChain::GENESIS);
    }

    public function sequence(): int
    {
        return $this->sequence;
    }

    public function hash(): string
    {
        return $this->hash;
    }

    public function moveTo(LedgerEntry $entry): void
    {
        [$this->sequence, $this->hash] = [$entry->sequence, $entry->hash];
        $this->appended[$entry->id] = true;
    }

    public function has(string $id): bool
    {
        return isset($this->appended[$id]);
    }
}
