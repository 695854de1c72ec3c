<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Power;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/** Frequency of a generator by the speed and the poles of its machine. Source: synchronous machine, f = n p / 120. */
final readonly class SynchronousSpeed
{
    public static function frequency(Quantity $turns, int $poles): Quantity
    {
        $perMinute = $turns->ratioTo(Quantity::of(1, Unit::RevolutionsPerMinute));

        return Quantity::of($perMinute->multipliedBy($poles)->dividedBy(120)->simplified(), Unit::Hertz);
    }
}
