<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Http\Problems\Refused;
use App\Ledger\EntryKind;
use App\Ledger\IncomingEntry;
use App\Ledger\PostingContext;
use App\Models\LedgerEntry;
use App\Models\User;
use App\Models\WalkPerson;

/** Somebody walks along no more; what they entered stays, what they had open is the others'. */
final class WalkLeft implements EntryKind
{
    public static function name(): string
    {
        return 'walk.left';
    }

    public function mayBePostedBy(User $user): bool
    {
        return $user->role->walks();
    }

    public function judge(IncomingEntry $entry, PostingContext $context): array
    {
        $people = WalkPerson::query()->where('walk_id', $context->walk->id)->pluck('user_id')->all();
        if (! in_array($context->actor->id, $people, true)) {
            throw Refused::because('does_not_walk_along', 409);
        }
        if (count($people) === 1) {
            throw Refused::because('last_on_the_walk', 409);
        }

        return [];
    }

    public function project(LedgerEntry $entry): void
    {
        WalkPerson::query()->where('walk_id', $entry->walk_id)->where('user_id', $entry->actor_id)->delete();
    }
}
