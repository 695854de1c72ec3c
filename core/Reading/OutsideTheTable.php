<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use JadeLedger\Core\Refusal;

/** A table was asked for something that lies beyond its first or last row. */
final class OutsideTheTable extends \DomainException implements Refusal
{
    public static function of(BigRational $known): self
    {
        return new self("{$known->toScale(1, RoundingMode::HALF_UP)} lies outside of what the table knows.");
    }
}
