<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Fluids;

use Brick\Math\BigRational;
use JadeLedger\Core\Quantity\Quantity;

/**
 * What may be filled into a cylinder for propane: 42 % of the mass of water that it holds.
 *
 * Source: 49 CFR 173.304a; liquid fills no more than 80 % of it, NFPA 58.
 */
final readonly class PropaneCylinder
{
    private const OF_WATER = '42/100';

    public static function mostFilling(Quantity $waterCapacity): Quantity
    {
        return $waterCapacity->times(BigRational::of(self::OF_WATER));
    }
}
