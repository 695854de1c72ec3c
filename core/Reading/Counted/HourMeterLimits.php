<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading\Counted;

use JadeLedger\Core\Catalogue\Source;
use JadeLedger\Core\Reading\Limits;

/** An hour meter and the number of digits it can show before it rolls over. */
final readonly class HourMeterLimits implements Limits
{
    public function __construct(public int $wholeDigits, public int $decimals, private Source $source)
    {
    }

    public function source(): Source
    {
        return $this->source;
    }
}
