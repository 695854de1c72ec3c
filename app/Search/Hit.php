<?php

declare(strict_types=1);

namespace App\Search;

/** Something that was found, and where it leads. */
final readonly class Hit
{
    public function __construct(public HitKind $kind, public string $id, public string $title, public string $sub)
    {
    }
}
