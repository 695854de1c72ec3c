<?php

declare(strict_types=1);

namespace App\Ledger;

/** Gathers what is doubtful about one entry while it is judged. */
final class Doubts
{
    /** @var array<string, Doubt> */
    private array $found = [];

    public function add(Doubt $doubt): void
    {
        $this->found[$doubt->value] = $doubt;
    }

    public function isEmpty(): bool
    {
        return $this->found === [];
    }

    /** @return list<string> */
    public function names(): array
    {
        return array_keys($this->found);
    }
}
