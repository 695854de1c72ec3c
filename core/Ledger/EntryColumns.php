<?php

declare(strict_types=1);

namespace JadeLedger\Core\Ledger;

/**
 * What is written beside the text of an entry, so that it can be looked for; moments as in the text, in UTC with
 * microseconds.
 */
final readonly class EntryColumns
{
    /**
     * @param string|null $machine nothing of an entry of the yard itself
     * @param string|null $actor nothing of what no person posted
     * @param string|null $yard only of an entry of the yard itself
     * @param string|null $actorKind only of what no person posted
     * @param string|null $actorName only of what no person posted
     * @param string|null $enteredBy only of what was entered from a sheet of paper
     */
    public function __construct(
        public ?string $machine,
        public string $kind,
        public ?string $hire,
        public ?string $walk,
        public ?string $actor,
        public ?string $corrects,
        public string $recordedAt,
        public string $receivedAt,
        public ?string $yard = null,
        public ?string $actorKind = null,
        public ?string $actorName = null,
        public ?string $enteredBy = null,
    ) {
    }

    /** Whether it says no more than an entry of a machine by a person does. */
    public function isPlain(): bool
    {
        return $this->machine !== null
            && $this->actor !== null
            && $this->yard === null
            && $this->actorKind === null
            && $this->actorName === null
            && $this->enteredBy === null;
    }

    /** @return array<string, string|null> by the name that each has in the text */
    public function members(): array
    {
        return [
            'machine' => $this->machine, 'kind' => $this->kind, 'hire' => $this->hire, 'walk' => $this->walk,
            'actor' => $this->actor,
            'corrects' => $this->corrects, 'recorded_at' => $this->recordedAt, 'received_at' => $this->receivedAt,
        ];
    }

    /** @return array<string, string|null> what is in the text only where it is said; nothing for what is not */
    public function rareMembers(): array
    {
        return [
            'yard' => $this->yard,
            'actor_kind' => $this->actorKind,
            'actor_name' => $this->actorName,
            'entered_by' => $this->enteredBy,
        ];
    }
}
