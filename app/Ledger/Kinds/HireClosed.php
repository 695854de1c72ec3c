<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Http\Problems\Refused;
use App\Ledger\EntryKind;
use App\Ledger\IncomingEntry;
use App\Ledger\PostingContext;
use App\Ledger\SpreadOfHire;
use App\Models\HireStanding;
use App\Models\HireState;
use App\Models\LedgerEntry;
use App\Models\User;

/** The hire balances, or every line that does not is explained: the double rule is drawn. */
final readonly class HireClosed implements EntryKind
{
    public function __construct(private SpreadOfHire $spread)
    {
    }

    public static function name(): string
    {
        return 'hire.closed';
    }

    public function mayBePostedBy(User $user): bool
    {
        return $user->role->walks() || $user->role->settles();
    }

    public function judge(IncomingEntry $entry, PostingContext $context): array
    {
        $hire = $context->walk->hire;
        if ($hire->standing() !== HireStanding::Returned) {
            throw Refused::because('return_walk_first', 409);
        }
        $left = ($this->spread)($hire)->unexplained();
        if ($left !== []) {
            throw Refused::because('does_not_balance', 409, ['count' => count($left)]);
        }

        return [];
    }

    public function project(LedgerEntry $entry): void
    {
        HireState::query()->where('hire_id', $entry->hire_id)->update([
            'standing' => HireStanding::Closed,
            'closed_at' => $entry->recorded_at->format('Y-m-d H:i:s.u'),
        ]);
    }
}
