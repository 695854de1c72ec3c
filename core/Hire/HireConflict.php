<?php

declare(strict_types=1);

namespace JadeLedger\Core\Hire;

final readonly class HireConflict
{
    /**
     * @param int|null $folio of the other hire, where there is one
     * @param int|null $minutes that are short
     * @param DatedPaper|null $paper that ends
     */
    public function __construct(
        public ConflictKind $kind,
        public ?int $folio = null,
        public ?int $minutes = null,
        public ?DatedPaper $paper = null,
    ) {
    }
}
