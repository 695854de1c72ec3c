<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Sheet;

use Brick\Math\BigDecimal;
use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Slope;
use JadeLedger\Core\Quantity\Unit;

/** Figures as they are shown: limits are rounded down and needs up, so that nobody is told more than there is. */
final readonly class Rounded
{
    public static function down(Quantity $quantity, int $places): Quantity
    {
        return Quantity::of($quantity->decimal($places, RoundingMode::FLOOR), $quantity->unit);
    }

    public static function up(Quantity $quantity, int $places): Quantity
    {
        return Quantity::of($quantity->decimal($places, RoundingMode::CEILING), $quantity->unit);
    }

    public static function near(Quantity $quantity, int $places): Quantity
    {
        return Quantity::of($quantity->decimal($places, RoundingMode::HALF_UP), $quantity->unit);
    }

    public static function degrees(Slope $slope): Quantity
    {
        return Quantity::of(BigDecimal::of(sprintf('%.1F', $slope->degrees)), Unit::Degree);
    }

    /** @param  BigRational  $share between 0 and 1 */
    public static function percent(BigRational $share): Quantity
    {
        return Quantity::of($share->multipliedBy(100)->toScale(0, RoundingMode::HALF_UP), Unit::Percent);
    }
}
