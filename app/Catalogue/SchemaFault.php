<?php

declare(strict_types=1);

namespace App\Catalogue;

/** Where a tree does not fit its schema, and how. */
final readonly class SchemaFault
{
    /** @param  list<string>  $path from the top of the tree */
    public function __construct(public array $path, public string $words)
    {
    }
}
