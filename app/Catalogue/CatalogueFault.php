<?php

declare(strict_types=1);

namespace App\Catalogue;

/** One mistake in a catalogue file: where it stands and which rule it breaks. */
final readonly class CatalogueFault
{
    public function __construct(public string $file, public string $where, public string $rule)
    {
    }

    public function sentence(): string
    {
        return "{$this->file}, {$this->where}: {$this->rule}";
    }
}
