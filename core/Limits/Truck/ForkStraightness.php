<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Truck;

use Brick\Math\BigRational;
use JadeLedger\Core\Quantity\Quantity;

/** How far a fork may be out of straight: 0.5 % of its length. Source: ISO 5057, from memory, to be confirmed. */
final readonly class ForkStraightness
{
    private const SHARE = '5/1000';

    public static function limit(Quantity $length): Quantity
    {
        return $length->times(BigRational::of(self::SHARE));
    }

    public static function isWithdrawn(Quantity $length, Quantity $outOfStraight): bool
    {
        return $outOfStraight->isGreaterThan(self::limit($length));
    }
}
