<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Transport;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/**
 * When a load is looked at on the way: within the first 50 miles, then with each change of duty, after three hours or
 * after 150 miles, whichever comes first. Source: 49 CFR 392.9(b)(2) and (3).
 */
enum LoadCheck
{
    case First;
    case Later;

    public function isDue(Quantity $distance, Quantity $time): bool
    {
        return match ($this) {
            self::First => ! $distance->isLessThan(Quantity::of(50, Unit::Mile)),
            self::Later => ! $distance->isLessThan(Quantity::of(150, Unit::Mile))
                || ! $time->isLessThan(Quantity::of(3, Unit::Hour)),
        };
    }
}
