<?php

declare(strict_types=1);

namespace JadeLedger\Core\Ledger;

final readonly class BrokenLink
{
    public function __construct(public string $entryId, public int $sequence, public LinkFault $fault)
    {
    }
}
