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
use App\Ledger\Payloads\NoPayload;
use App\Models\LedgerEntry;
use App\Models\User;
use App\Models\WalkPerson;

/**
 * Somebody walks along: the stations are divided anew.
 *
 * @implements EntryOfWalk<NoPayload>
 */
final class WalkJoined implements EntryOfWalk
{
    public static function name(): string
    {
        return 'walk.joined';
    }

    public static function payload(): string
    {
        return NoPayload::class;
    }

    public function mayBePostedBy(User $user): bool
    {
        return $user->role->walks();
    }

    public function judge(IncomingEntry $entry, WalkContext $context): RecordedJudgement
    {
        $people = WalkPerson::query()->where('walk_id', $context->walk->id)->pluck('user_id')->all();
        if (in_array($context->actor->id, $people, true)) {
            throw ApiProblem::because(ProblemName::WalksAlongAlready, 409);
        }

        return new NothingJudged;
    }

    public function project(LedgerEntry $entry): void
    {
        WalkPerson::query()->insert([
            'walk_id' => $entry->walkId(),
            'user_id' => $entry->actor_id,
            'joined_at' => $entry->recorded_at->format('Y-m-d H:i:s.u'),
        ]);
    }
}
