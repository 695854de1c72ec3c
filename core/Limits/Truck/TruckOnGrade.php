<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Truck;

use JadeLedger\Core\Quantity\Figure;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Slope;
use JadeLedger\Core\Quantity\Unit;

/**
 * A truck on a ramp.
 *
 * Source: load upgrade on more than 10 %, 29 CFR 1910.178(n)(7)(i); a parking brake holds the laden truck on 15 %,
 * ASME B56.1 and ISO 6292, from memory, to be confirmed.
 */
final readonly class TruckOnGrade
{
    private const LOAD_UPGRADE_ABOVE = 10.0;

    private const STANDARD_GRAVITY = 9.80665;

    public function __construct(private Slope $slope)
    {
    }

    /** A loaded truck is driven with its load uphill: up forwards, down in reverse. */
    public function wantsLoadUpgrade(): bool
    {
        return $this->slope->inPercent() > self::LOAD_UPGRADE_ABOVE + 1e-9;
    }

    /** What the brake has to hold along the slope. */
    public function holdingForce(Quantity $mass): Quantity
    {
        $newtons = Figure::float($mass, Unit::Kilogram) * self::STANDARD_GRAVITY * sin(deg2rad($this->slope->degrees));

        return Figure::of($newtons, Unit::Newton);
    }
}
