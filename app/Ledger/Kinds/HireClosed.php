<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\EntryKind;
use App\Ledger\IncomingEntry;
use App\Ledger\PostingContext;
use App\Ledger\SpreadOfHire;
use App\Models\HireState;
use App\Models\HireStatus;
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
        if ($hire->standing() !== HireStatus::Returned) {
            throw ApiProblem::because(ProblemName::ReturnWalkFirst, 409);
        }
        $left = ($this->spread)($hire)->unexplained();
        if ($left !== []) {
            throw ApiProblem::because(ProblemName::DoesNotBalance, 409, ['count' => count($left)]);
        }

        return [];
    }

    public function project(LedgerEntry $entry): void
    {
        HireState::query()->where('hire_id', $entry->hire_id)->update([
            'standing' => HireStatus::Closed,
            'closed_at' => $entry->recorded_at->format('Y-m-d H:i:s.u'),
        ]);
    }
}
