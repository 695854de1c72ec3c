<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Ledger\Payloads\Payload;
use App\Models\LedgerEntry;
use App\Models\User;

/**
 * One kind of thing that happens: who may post it, what the core says of it, what follows from it.
 *
 * A kind is of a walk, a hire, a machine or the yard (EntryOfWalk and its sisters), and is judged against that.
 *
 * @template-covariant P of Payload
 */
interface EntryKind
{
    public static function name(): string;

    /**
     * How its payload is read.
     *
     * @return class-string<P>
     */
    public static function payload(): string;

    public function mayBePostedBy(User $user): bool;

    /**
     * Brings the projections up to date. Reads the entry and the projections only, so that a rebuild gives the same.
     */
    public function project(LedgerEntry $entry): void;
}
