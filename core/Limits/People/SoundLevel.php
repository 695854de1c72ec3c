<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\People;

use JadeLedger\Core\Quantity\Figure;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/**
 * How loud a machine is at a distance, and several together, dB(A). Source: ISO 3744, free field over hard ground;
 * sum of energies.
 */
final readonly class SoundLevel
{
    public static function at(float $power, Quantity $distance): float
    {
        return $power - 20 * log10(Figure::float($distance, Unit::Metre)) - 10 * log10(2 * M_PI);
    }

    /** @param  non-empty-list<float>  $levels */
    public static function sum(array $levels): float
    {
        return 10 * log10(array_sum(array_map(static fn (float $level): float => 10 ** ($level / 10), $levels)));
    }
}
