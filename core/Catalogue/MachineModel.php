<?php

declare(strict_types=1);

namespace JadeLedger\Core\Catalogue;

use JadeLedger\Core\Reading\Limits;

/** A maker's model with its own features and limits. */
final readonly class MachineModel
{
    /** @param  array<string, Limits>  $limits by the name that checks ask for */
    public function __construct(
        public string $id,
        public string $familyId,
        public string $maker,
        public string $name,
        public string $describes,
        public int $massKilograms,
        public Features $features,
        public array $limits,
    ) {
    }

    /** @throws LimitNotKnown when the model has no such limit: it is asked for, never guessed */
    public function limit(string $name): Limits
    {
        return $this->limits[$name] ?? throw LimitNotKnown::ofModel($this->id, $name);
    }
}
