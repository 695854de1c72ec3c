<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use JadeLedger\Core\Refused;
use JadeLedger\Core\Sentence;

/** A table was asked for something that lies beyond its first or last row. */
final class OutsideTheTable extends Refused
{
    public static function of(BigRational $known): self
    {
        $value = (string) $known->toScale(1, RoundingMode::HALF_UP);

        return new self(
            "{$value} lies outside of what the table knows.",
            new Sentence('outside_the_table', ['value' => $value]),
        );
    }
}
