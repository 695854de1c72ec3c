<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Brakes;

use JadeLedger\Core\Quantity\Figure;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/**
 * Stopping distance of mine equipment: 9.66 ft/s², one second of reaction, and the response of the system by its
 * weight.
 *
 * Source: 30 CFR 56.14101, note to table M-1, from memory, to be confirmed.
 */
final readonly class MineStop
{
    private const DECELERATION = 9.66;

    private const REACTION = 1.0;

    public static function of(Quantity $speed, float $response): Quantity
    {
        $feet = Figure::float($speed, Unit::MetrePerSecond) / 0.3048;

        return Figure::of($feet ** 2 / (2 * self::DECELERATION) + $feet * (self::REACTION + $response), Unit::Foot);
    }
}
