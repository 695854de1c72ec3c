<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\EntryKind;
use App\Ledger\IncomingEntry;
use App\Ledger\PostingContext;
use App\Models\LedgerEntry;
use App\Models\User;
use App\Models\WalkPerson;

/** Somebody walks along: the stations are divided anew. */
final class WalkJoined implements EntryKind
{
    public static function name(): string
    {
        return 'walk.joined';
    }

    public function mayBePostedBy(User $user): bool
    {
        return $user->role->walks();
    }

    public function judge(IncomingEntry $entry, PostingContext $context): array
    {
        $people = WalkPerson::query()->where('walk_id', $context->walk->id)->pluck('user_id')->all();
        if (in_array($context->actor->id, $people, true)) {
            throw ApiProblem::because(ProblemName::WalksAlongAlready, 409);
        }

        return [];
    }

    public function project(LedgerEntry $entry): void
    {
        WalkPerson::query()->insert(['walk_id' => $entry->walk_id, 'user_id' => $entry->actor_id, 'joined_at' => $entry->recorded_at->format('Y-m-d H:i:s.u')]);
    }
}
