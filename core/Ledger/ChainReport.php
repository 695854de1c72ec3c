<?php

declare(strict_types=1);

namespace JadeLedger\Core\Ledger;

/** What a walk along a chain found. */
final readonly class ChainReport
{
    private function __construct(public int $entriesRead, public ?string $lastHash, public ?BrokenLink $firstBroken)
    {
    }

    /** Before the first entry. */
    public static function begun(): self
    {
        return new self(0, HashChain::GENESIS, null);
    }

    public static function whole(int $entriesRead, string $lastHash): self
    {
        return new self($entriesRead, $lastHash, null);
    }

    public static function broken(int $entriesRead, BrokenLink $link): self
    {
        return new self($entriesRead, null, $link);
    }

    public function holds(): bool
    {
        return $this->firstBroken === null;
    }
}
