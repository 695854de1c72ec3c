<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Ledger\ActorKind;
use App\Ledger\SystemPart;
use App\Models\LedgerEntry;
use App\Models\User;
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

        return $entry->actor_kind === ActorKind::LinkHolder->value
            ? self::nobody(Words::say('words.link_holder'))
            : self::ofPart(null, SystemPart::from((string) $entry->actor_name));
    }

    /**
     * @param SystemPart $part that did it, where no person did
     * @return array<string, string|null>
     */
    public static function ofPart(?User $person, SystemPart $part): array
    {
        return $person === null ? self::nobody(Words::say("words.system.{$part->value}")) : PresentPerson::of($person);
    }

    /** @return array<string, string|null> */
    private static function nobody(string $name): array
    {
        return ['id' => null, 'name' => $name, 'initials' => '–'];
    }
}
