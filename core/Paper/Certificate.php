<?php

declare(strict_types=1);

namespace JadeLedger\Core\Paper;

/**
 * When a dated certificate is over: on the day after its last day, which is included.
 *
 * Examined on 31 January for six months, it is good on 31 July and over on 1 August. Source for months:
 * CalendarDate::plusMonths; that the last day is included is common practice, no source.
 */
final class Certificate
{
    public static function isOver(CalendarDate $lastDay, CalendarDate $on): bool
    {
        return $lastDay->isBefore($on);
    }
}
