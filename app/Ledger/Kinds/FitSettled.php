<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\EntryKind;
use App\Ledger\IncomingEntry;
use App\Ledger\PostingContext;
use App\Ledger\UpdateWalkLine;
use App\Models\FitQuestion;
use App\Models\LedgerEntry;
use App\Models\Role;
use App\Models\User;

/** The lead looked whether a machine has the part: if it has, the line is asked again. */
final readonly class FitSettled implements EntryKind
{
    public function __construct(private UpdateWalkLine $lines)
    {
    }

    public static function name(): string
    {
        return 'fit.settled';
    }

    public function mayBePostedBy(User $user): bool
    {
        return $user->role === Role::Lead;
    }

    public function judge(IncomingEntry $entry, PostingContext $context): array
    {
        $isOpen = FitQuestion::query()->whereKey($entry->text('question'))
            ->where('walk_id', $context->walk->id)
            ->whereNull('is_fitted')
            ->exists();
        if (! $isOpen) {
            throw ApiProblem::because(ProblemName::NoSuchQuestion, 409);
        }

        return [];
    }

    public function project(LedgerEntry $entry): void
    {
        ['question' => $question, 'is_fitted' => $isFitted] = $entry->payload();
        FitQuestion::query()->withoutGlobalScopes()->whereKey($question)->update(['is_fitted' => $isFitted]);
        if ($isFitted === true) {
            $this->lines->reopen($entry, $question);
        }
    }
}
