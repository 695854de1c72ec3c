<?php

declare(strict_types=1);

namespace JadeLedger\Core\Equipment;

/** What a machine has: the only thing by which checks, steps and questions are chosen. */
final readonly class Features
{
    /** @param  list<string>  $names */
    public function __construct(public array $names)
    {
    }

    public function has(string $name): bool
    {
        return in_array($name, $this->names, true);
    }

    public function with(self $more): self
    {
        return new self(array_values(array_unique([...$this->names, ...$more->names])));
    }
}
