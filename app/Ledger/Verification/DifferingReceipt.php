<?php

declare(strict_types=1);

namespace App\Ledger\Verification;

/** A receipt for which something else stands in the ledger, or nothing. */
final readonly class DifferingReceipt
{
    /** @param  string|null  $machine its fleet number; none where the chain is the yard's own, or nowhere */
    public function __construct(public Receipt $receipt, public ?string $machine, public bool $isMissing)
    {
    }
}
