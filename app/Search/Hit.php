<?php

declare(strict_types=1);

namespace App\Search;

/** Something that was found, and where it leads. */
final readonly class Hit
{
    /** @param  string|null  $at the model on whose page a check stands */
    public function __construct(
        public HitKind $kind,
        public string $id,
        public string $title,
        public string $sub,
        public ?string $at = null,
    ) {
    }
}
