<?php

declare(strict_types=1);

namespace JadeLedger\Core\Service;

/** Hours that a meter will show on a day to come: likely, and the limits between which nine in ten are. */
final readonly class HoursExpected
{
    public function __construct(public float $low, public float $likely, public float $high)
    {
    }
}
