<?php

declare(strict_types=1);

namespace App\Ledger\Verification;

/**
 * What a tablet was told when an entry of its was taken: the chain, the place in it, and the hash that stands there.
 */
final readonly class Receipt
{
    public function __construct(public string $chain, public int $sequence, public string $hash)
    {
    }
}
