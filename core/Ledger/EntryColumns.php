<?php

declare(strict_types=1);

namespace JadeLedger\Core\Ledger;

/**
 * What is written beside the text of an entry, so that it can be looked for; moments as in the text, in UTC with
 * microseconds.
 */
final readonly class EntryColumns
{
    public function __construct(
        public string $machine,
        public string $kind,
        public ?string $hire,
        public ?string $walk,
        public string $actor,
        public ?string $corrects,
        public string $recordedAt,
        public string $receivedAt,
    ) {
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
}
