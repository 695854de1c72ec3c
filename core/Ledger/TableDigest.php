<?php

declare(strict_types=1);

namespace JadeLedger\Core\Ledger;

/** The first rows of a table that only grows, and a digest over them. */
final readonly class TableDigest
{
    /** @param  string  $upTo the last row that is covered, in the order in which they were written */
    public function __construct(public int $rows, public string $upTo, public string $sha256)
    {
    }
}
