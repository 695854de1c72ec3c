<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Ledger\ActorKind;
use App\Models\LedgerEntry;
use App\Words;

/** Who posted an entry: a person, a part of the application, or somebody with a link. */
final class PresentActor
{
    /** @return array<string, string|null> */
    public static function of(LedgerEntry $entry): array
    {
        if ($entry->actor !== null) {
            return PresentPerson::of($entry->actor);
        }
        $name = $entry->actor_kind === ActorKind::LinkHolder->value
            ? Words::say('words.link_holder')
            : Words::say("words.system.{$entry->actor_name}");

        return ['id' => null, 'name' => $name, 'initials' => '–'];
    }
}
