<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\People;

use JadeLedger\Core\Quantity\Figure;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/** What somebody is exposed to, and for how long: m/s² of vibration, or dB(A) of noise. */
final readonly class Exposure
{
    private function __construct(public float $level, public float $hours)
    {
    }

    public static function of(Quantity $level, Quantity $time): self
    {
        return new self(Figure::float($level, $level->unit), Figure::float($time, Unit::Hour));
    }
}
