<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Sheet;

use JadeLedger\Core\Verdict\Phrase;

/** What a sheet comes to. */
final readonly class SheetResult
{
    /**
     * @param Phrase $says the verdict in a sentence
     * @param list<LedgerLine> $ledger
     * @param list<Phrase> $working how it was computed, a line each
     * @param list<Phrase> $advice what to do, and what to be careful of
     */
    public function __construct(
        public Fits $fits,
        public Phrase $says,
        public array $ledger,
        public array $working,
        public array $advice = [],
        public ?SheetPicture $picture = null,
    ) {
    }
}
