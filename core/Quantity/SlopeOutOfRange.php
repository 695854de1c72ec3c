<?php

declare(strict_types=1);

namespace JadeLedger\Core\Quantity;

use JadeLedger\Core\Refused;
use JadeLedger\Core\Sentence;

final class SlopeOutOfRange extends Refused
{
    public static function degrees(float $degrees): self
    {
        return new self(
            "A slope lies between 0 and less than 90 degrees; {$degrees} is none.",
            new Sentence('slope_degrees', ['value' => (string) $degrees]),
        );
    }

    public static function percent(float $percent): self
    {
        return new self(
            "A slope in percent is not negative; {$percent} is none.",
            new Sentence('slope_percent', ['value' => (string) $percent]),
        );
    }

    public static function oneIn(float $along): self
    {
        return new self(
            "A slope of one in so many wants a number above 0; {$along} is none.",
            new Sentence('slope_one_in', ['value' => (string) $along]),
        );
    }
}
