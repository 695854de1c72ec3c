<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Truck;

use JadeLedger\Core\Paper\CalendarDate;

/**
 * When a truck is examined before it goes to work: each day, and after each shift where it runs round the clock.
 *
 * Source: 29 CFR 1910.178(q)(7).
 */
enum TruckExamination
{
    case EachDay;
    case AfterEachShift;

    /** @param  int  $shifts that ended since the last examination */
    public function isDue(CalendarDate $last, CalendarDate $today, int $shifts): bool
    {
        return $last->isBefore($today) || ($this === self::AfterEachShift && $shifts > 0);
    }
}
