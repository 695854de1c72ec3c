<?php

declare(strict_types=1);

namespace JadeLedger\Core\Ledger;

/** How long a chain is and the hash of its last entry. */
final readonly class ChainEnd
{
    public function __construct(public int $entries, public string $hash)
    {
    }
}
