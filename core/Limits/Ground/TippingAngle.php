<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Ground;

use JadeLedger\Core\Quantity\Figure;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Slope;
use JadeLedger\Core\Quantity\Unit;

/**
 * At which slope a machine at rest falls over. Real limits are far lower: the maker's slope is what is shown. Source:
 * statics.
 */
final readonly class TippingAngle
{
    /**
     * @param Quantity $gauge between the middles of the tracks or wheels
     * @param Quantity $height of the centre of gravity
     */
    public static function of(Quantity $gauge, Quantity $height): Slope
    {
        return Slope::degrees(
            rad2deg(atan(Figure::float($gauge, Unit::Metre) / 2 / Figure::float($height, Unit::Metre))),
        );
    }
}
