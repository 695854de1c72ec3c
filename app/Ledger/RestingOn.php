<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Models\DoubtfulEntry;

/**
 * Whether what somebody posts to a walk rests on an entry of theirs that nobody has looked at, and in which state that
 * says the machine is.
 */
final readonly class RestingOn
{
    private function __construct(public bool $isInDoubt, public ?string $stage)
    {
    }

    public static function of(string $walkId, string $actorId): self
    {
        $open = DoubtfulEntry::openOf($walkId, $actorId)->orderByDesc('sequence')->get(['stage']);

        return new self($open->isNotEmpty(), $open->firstWhere('stage', '!=', null)?->stage);
    }
}
