<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Models\LedgerEntry;
use JadeLedger\Core\Ledger\HashChain;

/** The end of a chain, read once while the row of its machine or yard is locked and moved on with each entry. */
final class ChainHead
{
    /** @var array<string, true> the ids that were appended since */
    private array $appended = [];

    private function __construct(private int $sequence, private string $hash)
    {
    }

    /** @param  string  $chain  id of the machine or the yard */
    public static function of(string $chain): self
    {
        $last = LedgerEntry::query()->where('chain_id', $chain)->orderByDesc('sequence')->first(['sequence', 'hash']);

        return new self($last->sequence ?? 0, $last->hash ?? HashChain::GENESIS);
    }

    /** That of the machine's chain, as the walk was read. */
    public static function in(WalkSnapshot $snapshot): self
    {
        return new self($snapshot->sequence, $snapshot->hash);
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
