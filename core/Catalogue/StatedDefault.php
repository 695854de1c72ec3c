<?php

declare(strict_types=1);

namespace JadeLedger\Core\Catalogue;

use JadeLedger\Core\Source\Source;

/** A question on which practitioners differ and on which the product takes the careful side for everybody. */
final readonly class StatedDefault
{
    public function __construct(
        public string $id,
        public string $title,
        public string $followed,
        public string $followedWhy,
        public string $other,
        public string $otherWhy,
        public Source $source,
    ) {
    }
}
