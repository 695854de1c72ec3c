<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\EntryKind;
use App\Ledger\IncomingEntry;
use App\Ledger\PostingContext;
use App\Ledger\SpreadOfHire;
use App\Models\LedgerEntry;
use App\Models\SpreadExplanation;
use App\Models\User;

/** Somebody said why a line does not balance. */
final readonly class SpreadExplained implements EntryKind
{
    public function __construct(private SpreadOfHire $spread)
    {
    }

    public static function name(): string
    {
        return 'spread.explained';
    }

    public function mayBePostedBy(User $user): bool
    {
        return $user->role->walks() || $user->role->settles();
    }

    public function judge(IncomingEntry $entry, PostingContext $context): array
    {
        $spread = ($this->spread)($context->walk->hire);
        if (! in_array($entry->text('line'), $spread->unexplained(), true)) {
            throw ApiProblem::because(ProblemName::BalancesAlready, 409, ['line' => $entry->text('line')]);
        }

        return [];
    }

    public function project(LedgerEntry $entry): void
    {
        SpreadExplanation::query()->create([
            'id' => $entry->id,
            'hire_id' => $entry->hire_id,
            'line' => $entry->payload()['line'],
            'words' => $entry->payload()['words'],
            'actor_id' => $entry->actor_id,
            'recorded_at' => $entry->recorded_at,
        ]);
    }
}
