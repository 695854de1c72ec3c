<?php

declare(strict_types=1);

namespace JadeLedger\Core\Catalogue;

final readonly class FindingKind
{
    /** @param  list<string>  $degrees how bad it can be, mildest first; empty where only the size counts */
    public function __construct(public string $id, public string $name, public array $degrees)
    {
    }
}
