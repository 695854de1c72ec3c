<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading\Counted;

use JadeLedger\Core\Catalogue\Source;
use JadeLedger\Core\Reading\Limits;

/** How many pieces belong to the machine. */
final readonly class CountLimits implements Limits
{
    public function __construct(public string $pieces, public int $expected, private Source $source)
    {
    }

    public function source(): Source
    {
        return $this->source;
    }
}
