<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading;

use JadeLedger\Core\Quantity\Unit;

/** What everything that is read from a scale has in common. */
trait OnScale
{
    abstract public function scale(): Scale;

    public function unit(): Unit
    {
        return $this->scale()->low->unit;
    }

    public function range(): InstrumentRange
    {
        return new InstrumentRange($this->scale()->low, $this->scale()->high);
    }

    public function drawing(): Drawing
    {
        return Drawing::scale($this);
    }
}
