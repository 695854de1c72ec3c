<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Battery;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/** Voltage of a rested lead-acid battery from its gravity: gravity and 0.845 V a cell. Source: battery handbooks. */
final readonly class OpenCircuitVoltage
{
    private const VOLTS = '845/1000';

    public static function of(Quantity $gravity, int $cells): Quantity
    {
        $volts = $gravity->ratioTo(Quantity::of(1, Unit::SpecificGravity))->plus(self::VOLTS);

        return Quantity::of($volts->multipliedBy($cells)->simplified(), Unit::Volt);
    }
}
