<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\People;

use JadeLedger\Core\Quantity\Figure;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/**
 * Vibration of a day, as if it were even over eight hours, and by points: 100 are the action value, 400 the limit.
 *
 * Source: ISO 5349-1, A(8); HSE points for hands and arms.
 */
final readonly class VibrationDose
{
    private const HOURS = 8;

    /** @param  list<Exposure>  $exposures */
    public static function overEightHours(array $exposures): Quantity
    {
        $sum = array_sum(array_map(static fn (Exposure $one): float => $one->level ** 2 * $one->hours, $exposures));

        return Figure::of(sqrt($sum / self::HOURS), Unit::MetrePerSecondSquared);
    }

    public static function points(Exposure $exposure): float
    {
        return 2 * $exposure->level ** 2 * $exposure->hours;
    }
}
