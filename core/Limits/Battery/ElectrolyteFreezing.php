<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Battery;

use JadeLedger\Core\Limits\Line;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/**
 * At what temperature the acid of a battery freezes. A frozen battery is neither charged nor jumped.
 *
 * Straight lines between the rows, and no further than their ends. Source: battery handbooks, from memory, to be
 * confirmed.
 */
final readonly class ElectrolyteFreezing
{
    /** Specific gravity and degrees Celsius. */
    private const ROWS = [['1.1', '-7'], ['1.15', '-15'], ['1.2', '-27'], ['1.25', '-52'], ['1.28', '-69']];

    public static function of(Quantity $gravity): Quantity
    {
        return Quantity::of(
            Line::through(self::ROWS)->at($gravity->ratioTo(Quantity::of(1, Unit::SpecificGravity))),
            Unit::Celsius,
        );
    }
}
