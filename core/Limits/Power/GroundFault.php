<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Power;

use JadeLedger\Core\Quantity\Figure;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/**
 * In what time a class A device interrupts a ground fault of 6 to 264 mA. Source: UL 943: (20 / I) to the power of
 * 1.43.
 */
final readonly class GroundFault
{
    public static function most(Quantity $fault): Quantity
    {
        return Figure::of((20 / Figure::float($fault, Unit::Milliampere)) ** 1.43, Unit::Second);
    }
}
