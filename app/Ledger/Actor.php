<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Models\User;

/** A person of the yard, a part of the application, or the holder of a link. */
final readonly class Actor
{
    /** @param  string|null  $name  of a part of the application, or of a link; persons are named by their id */
    private function __construct(public ActorKind $kind, public ?User $person, public ?string $name)
    {
    }

    public static function person(User $person): self
    {
        return new self(ActorKind::Person, $person, null);
    }

    public static function system(SystemPart $part): self
    {
        return new self(ActorKind::System, null, $part->value);
    }

    /** @param  string  $link  id of the link, not its secret */
    public static function linkHolder(string $link): self
    {
        return new self(ActorKind::LinkHolder, null, $link);
    }

    /** @return array<string, string> what is written of it beside its id; nothing for persons */
    public function record(): array
    {
        return $this->name === null ? [] : ['actor_kind' => $this->kind->value, 'actor_name' => $this->name];
    }
}
