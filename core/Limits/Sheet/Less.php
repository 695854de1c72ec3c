<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Sheet;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Verdict\Phrase;

/** By how much a figure of the maker is lowered here, and why. */
final readonly class Less
{
    public function __construct(public Quantity $by, public Phrase $why)
    {
    }
}
