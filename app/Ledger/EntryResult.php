<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Http\Problems\Problem;
use App\Models\LedgerEntry;

/** What became of one entry of a batch. */
final readonly class EntryResult
{
    private function __construct(
        public ?string $id,
        public string $status,
        public ?LedgerEntry $entry,
        public ?Problem $problem,
    ) {
    }

    public static function posted(LedgerEntry $entry): self
    {
        return new self($entry->id, 'posted', $entry, null);
    }

    public static function already(LedgerEntry $entry): self
    {
        return new self($entry->id, 'already_posted', $entry, null);
    }

    public static function refused(?string $id, Problem $problem): self
    {
        return new self($id, 'refused', null, $problem);
    }
}
