<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Models\DoubtfulEntry;
use App\Models\LedgerEntry;

/** Brings the projections up to date with one entry: as it is appended, and again when they are rebuilt. */
final readonly class ProjectEntry
{
    public function __construct(
        private EntryKinds $kinds,
        private ReopenCarried $carried,
        private FollowStanding $standing,
        private FollowForecast $forecast,
    ) {
    }

    public function entry(LedgerEntry $entry): void
    {
        if ($entry->doubts() !== []) {
            DoubtfulEntry::keep($entry);

            return;
        }
        $this->kinds->named($entry->kind)->project($entry);
        if ($entry->machine_id !== null) {
            $this->carried->after($entry);
            $this->standing->after($entry);
            $this->forecast->after($entry);
        }
    }
}
