<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Models\LedgerEntry;
use App\Models\User;

/** One kind of thing that happens to a machine: who may post it, what the core says of it, what follows from it. */
interface EntryKind
{
    public static function name(): string;

    public function mayBePostedBy(User $user): bool;

    /**
     * Asks the core; changes nothing.
     *
     * @return array<string, mixed> what is written beside the payload, and hashed with it
     *
     * @throws \App\Http\Problems\ApiProblem when the entry cannot stand
     */
    public function judge(IncomingEntry $entry, PostingContext $context): array;

    /** Brings the projections up to date. Reads the entry and the projections only, so that a rebuild gives the same. */
    public function project(LedgerEntry $entry): void;
}
