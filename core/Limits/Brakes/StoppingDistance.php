<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Brakes;

use JadeLedger\Core\Quantity\Figure;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/** How far a machine runs until it stands: reaction and then braking. Source: kinematics. */
final readonly class StoppingDistance
{
    /**
     * @param float $seconds until the brake acts, at least 0
     * @param float $deceleration in m/s², above 0
     */
    public static function of(Quantity $speed, float $seconds, float $deceleration): Quantity
    {
        $metres = Figure::float($speed, Unit::MetrePerSecond);

        return Figure::of($metres * $seconds + $metres ** 2 / (2 * $deceleration), Unit::Metre);
    }
}
