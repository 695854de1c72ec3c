<?php

declare(strict_types=1);

namespace JadeLedger\Core\Meter;

final readonly class PlottedPoint
{
    public function __construct(public float $x, public float $y)
    {
    }
}
