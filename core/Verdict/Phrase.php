<?php

declare(strict_types=1);

namespace JadeLedger\Core\Verdict;

use JadeLedger\Core\Quantity\Quantity;

/** A sentence as a key and its figures; languages are not the core's business. */
final readonly class Phrase
{
    /** @param  array<string, string|Quantity>  $figures a quantity is written in the units of whoever reads the sentence */
    public function __construct(public string $key, public array $figures = [])
    {
    }
}
