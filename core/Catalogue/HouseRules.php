<?php

declare(strict_types=1);

namespace JadeLedger\Core\Catalogue;

/** The yard's own choices where practitioners differ. */
final readonly class HouseRules
{
    public function __construct(
        public Corner $startCorner,
        public Turn $turn,
        public int $handoverMarginMinutes,
    ) {
    }
}
