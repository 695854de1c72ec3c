<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\Contexts\WalkContext;
use App\Ledger\EntryOfWalk;
use App\Ledger\IncomingEntry;
use App\Ledger\Judgements\RecordedJudgement;
use App\Ledger\Judgements\TakenOverJudgement;
use App\Ledger\Payloads\Reasoned;
use App\Models\LedgerEntry;
use App\Models\User;
use App\Models\WalkPerson;

/**
 * Somebody takes a walk from whoever has the key, and says why. What was entered before stays with who entered it.
 *
 * @implements EntryOfWalk<Reasoned>
 */
final class WalkTakenOver implements EntryOfWalk
{
    public static function name(): string
    {
        return 'walk.taken_over';
    }

    public static function payload(): string
    {
        return Reasoned::class;
    }

    public function mayBePostedBy(User $user): bool
    {
        return $user->role->walks();
    }

    public function judge(IncomingEntry $entry, WalkContext $context): RecordedJudgement
    {
        $holder = self::holderOf($context->walk->id);
        if ($holder?->user_id === $context->actor->id) {
            throw ApiProblem::because(ProblemName::KeyIsYours, 409);
        }

        return new TakenOverJudgement($holder?->user_id);
    }

    public function project(LedgerEntry $entry): void
    {
        $holder = self::holderOf($entry->walkId());
        WalkPerson::query()->where('walk_id', $entry->walkId())->where('user_id', $entry->actor_id)->delete();
        if ($holder !== null) {
            WalkPerson::query()->where('walk_id', $entry->walkId())->where('user_id', $holder->user_id)->delete();
        }
        // In the place of the one before, so that the key is where it was.
        WalkPerson::query()->insert([
            'walk_id' => $entry->walkId(),
            'user_id' => $entry->actor_id,
            'joined_at' => ($holder->joined_at ?? $entry->recorded_at)->format('Y-m-d H:i:s.u'),
        ]);
    }

    private static function holderOf(string $walkId): ?WalkPerson
    {
        return WalkPerson::query()->where('walk_id', $walkId)->orderBy('joined_at')->orderBy('user_id')->first();
    }
}
