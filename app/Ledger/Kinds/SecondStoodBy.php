<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Ledger\EntryKind;
use App\Ledger\IncomingEntry;
use App\Ledger\PostingContext;
use App\Models\LedgerEntry;
use App\Models\User;

/** Somebody said from a session of their own that they stand by whoever works the machine. */
final class SecondStoodBy implements EntryKind
{
    public static function name(): string
    {
        return 'second.stood_by';
    }

    public function mayBePostedBy(User $user): bool
    {
        return $user->role->standsBy();
    }

    public function judge(IncomingEntry $entry, PostingContext $context): array
    {
        return [];
    }

    public function project(LedgerEntry $entry): void
    {
        // The entry itself is what a crossing looks for.
    }
}
