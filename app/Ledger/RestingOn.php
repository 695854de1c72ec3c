<?php

declare(strict_types=1);

namespace App\Ledger;

use Illuminate\Support\Facades\DB;

/**
 * Whether what somebody posts to a walk rests on an entry of theirs that nobody has looked at, and in which state that
 * says the machine is.
 */
final readonly class RestingOn
{
    private function __construct(public bool $isInDoubt, public ?string $stage)
    {
    }

    public static function nothing(): self
    {
        return new self(false, null);
    }

    public static function of(string $walkId, string $actorId): self
    {
        $stages = DB::table('doubtful_entries')
            ->where('walk_id', $walkId)
            ->where('actor_id', $actorId)
            ->whereNull('is_taken')
            ->orderByDesc('sequence')
            ->pluck('stage');
        $stage = $stages->first(static fn (mixed $one): bool => is_string($one));

        return new self($stages->isNotEmpty(), is_string($stage) ? $stage : null);
    }
}
