<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\Contexts\WalkContext;
use App\Ledger\EntryOfWalk;
use App\Ledger\IncomingEntry;
use App\Ledger\Judgements\NothingJudged;
use App\Ledger\Judgements\RecordedJudgement;
use App\Ledger\Payloads\FitSettledPayload;
use App\Ledger\UpdateWalkLine;
use App\Models\FitQuestion;
use App\Models\LedgerEntry;
use App\Models\Role;
use App\Models\User;

/**
 * The lead looked whether a machine has the part: if it has, the line is asked again.
 *
 * @implements EntryOfWalk<FitSettledPayload>
 */
final readonly class FitSettled implements EntryOfWalk
{
    public function __construct(private UpdateWalkLine $lines)
    {
    }

    public static function name(): string
    {
        return 'fit.settled';
    }

    public static function payload(): string
    {
        return FitSettledPayload::class;
    }

    public function mayBePostedBy(User $user): bool
    {
        return $user->role === Role::Lead;
    }

    public function judge(IncomingEntry $entry, WalkContext $context): RecordedJudgement
    {
        $isOpen = FitQuestion::query()->whereKey($entry->payload->question)
            ->where('walk_id', $context->walk->id)
            ->whereNull('is_fitted')
            ->exists();
        if (! $isOpen) {
            throw ApiProblem::because(ProblemName::NoSuchQuestion, 409);
        }

        return new NothingJudged;
    }

    public function project(LedgerEntry $entry): void
    {
        $payload = FitSettledPayload::read($entry->payload());
        FitQuestion::query()->withoutGlobalScopes()->whereKey($payload->question)
            ->update(['is_fitted' => $payload->isFitted]);
        if ($payload->isFitted) {
            $this->lines->reopen($entry, $payload->question);
        }
    }
}
