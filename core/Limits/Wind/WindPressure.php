<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Wind;

use Brick\Math\BigRational;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/**
 * What wind presses on a square metre that stands across it: q = v² / 1.6.
 *
 * A platform that is rated for outdoors is rated for 12.5 m/s. Source: EN 280 and ISO 16368.
 */
final readonly class WindPressure
{
    private const OUTDOOR_RATING = '125/10';

    public static function of(Quantity $speed): Quantity
    {
        $metres = $speed->ratioTo(Quantity::of(1, Unit::MetrePerSecond));

        return Quantity::of($metres->multipliedBy($metres)->dividedBy('16/10')->simplified(), Unit::Pascal);
    }

    public static function outdoorRating(): Quantity
    {
        return Quantity::of(BigRational::of(self::OUTDOOR_RATING), Unit::MetrePerSecond);
    }
}
