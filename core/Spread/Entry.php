<?php

declare(strict_types=1);

namespace JadeLedger\Core\Spread;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Verdict\Outcome;
use JadeLedger\Core\Verdict\TopUp;

/** A reading as it stands in one column of a hire. */
final readonly class Entry
{
    /** @param  TopUp|null  $topUp what the reading asked to be added */
    public function __construct(
        public Quantity $value,
        public Outcome $outcome,
        public bool $isDisputed = false,
        public ?TopUp $topUp = null,
    ) {
    }
}
