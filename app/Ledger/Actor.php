<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Models\Role;
use App\Models\User;

/** A person of the yard, a part of the application, or the holder of a link. */
final readonly class Actor
{
    /**
     * @param string|null $name of a part of the application, or of a link; persons are named by their id
     * @param User|null $enteredBy who typed what the person wrote on a sheet of paper
     */
    private function __construct(
        public ActorKind $kind,
        public ?User $person,
        public ?string $name,
        public ?User $enteredBy = null,
    ) {
    }

    public static function person(User $person): self
    {
        return new self(ActorKind::Person, $person, null);
    }

    /** Who went round with paper and pen, and who entered it afterwards; the same person, or two. */
    public static function onPaper(User $walkedBy, User $enteredBy): self
    {
        return new self(ActorKind::Person, $walkedBy, null, $enteredBy);
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

    /** Whether the lead typed another person's sheet, and answers for what is written on it. */
    public function isVouchedForByTheLead(): bool
    {
        return $this->isEnteredForAnother() && $this->enteredBy?->role === Role::Lead;
    }

    public function isEnteredForAnother(): bool
    {
        return $this->enteredBy !== null && $this->enteredBy->id !== $this->person?->id;
    }

    /** @return array<string, string> what is written of it beside its id; nothing for persons at a tablet */
    public function record(): array
    {
        return array_filter([
            'actor_kind' => $this->name === null ? null : $this->kind->value,
            'actor_name' => $this->name,
            'entered_by' => $this->enteredBy?->id,
        ], static fn (?string $one): bool => $one !== null);
    }
}
