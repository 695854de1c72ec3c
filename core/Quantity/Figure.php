<?php

declare(strict_types=1);

namespace JadeLedger\Core\Quantity;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;

/** Between the exact figures that are entered and compared, and those that a root or an angle makes inexact. */
final readonly class Figure
{
    /** The figure in a unit as a floating-point number. */
    public static function float(Quantity $quantity, Unit $unit): float
    {
        return $quantity->in($unit)->decimal(12, RoundingMode::HALF_EVEN)->toFloat();
    }

    /** @throws NotANumber when the number is infinite or none */
    public static function of(float $value, Unit $unit): Quantity
    {
        return is_finite($value)
            ? Quantity::of(BigDecimal::of(sprintf('%.9F', $value)), $unit)
            : throw NotANumber::text((string) $value);
    }
}
