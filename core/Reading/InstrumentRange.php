<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading;

use JadeLedger\Core\Quantity\Quantity;

/** The ends of what an instrument can show. */
final readonly class InstrumentRange
{
    /** @param  Quantity|null  $high none where there is no end: pieces that are counted */
    public function __construct(public Quantity $low, public ?Quantity $high)
    {
    }

    public function holds(Quantity $value): bool
    {
        return ! $value->isLessThan($this->low) && ($this->high === null || ! $value->isGreaterThan($this->high));
    }
}
