<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Models\Hire;
use App\Models\LedgerEntry;
use App\Models\Machine;
use App\Models\Walk;
use App\Models\Yard;

/** What an entry belongs to. Each machine has a chain of its own, and so has the yard. */
final readonly class EntryPlace
{
    private function __construct(
        public ?string $machineId,
        public ?string $yardId,
        public ?string $hireId = null,
        public ?string $walkId = null,
    ) {
    }

    public static function walk(Walk $walk): self
    {
        return new self($walk->machine_id, null, $walk->hire_id, $walk->id);
    }

    /** Of a walk that is being opened. */
    public static function newWalk(Hire $hire, string $walkId): self
    {
        return new self($hire->machine_id, null, $hire->id, $walkId);
    }

    public static function hire(Hire $hire): self
    {
        return new self($hire->machine_id, null, $hire->id);
    }

    public static function machine(Machine $machine): self
    {
        return new self($machine->id, null);
    }

    public static function yard(Yard $yard): self
    {
        return new self(null, $yard->id);
    }

    public function isPlaceOf(LedgerEntry $entry): bool
    {
        return $entry->machine_id === $this->machineId
            && $entry->yard_id === $this->yardId
            && $entry->hire_id === $this->hireId
            && $entry->walk_id === $this->walkId;
    }
}
