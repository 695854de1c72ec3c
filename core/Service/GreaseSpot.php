<?php

declare(strict_types=1);

namespace JadeLedger\Core\Service;

use JadeLedger\Core\Equipment\Applicability;

/** One place that is greased: by its name, so that none is passed over. The manual's chart wins. */
final readonly class GreaseSpot
{
    /**
     * @param string|null $part of the drawing on which it lies; none where the drawing does not show it
     * @param int $nipples at this place
     * @param int $strokes of a hand gun for each of them, until clean grease shows
     */
    public function __construct(
        public string $name,
        public ?string $part,
        public int $nipples,
        public int $strokes,
        public Applicability $applies,
    ) {
    }
}
