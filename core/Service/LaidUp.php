<?php

declare(strict_types=1);

namespace JadeLedger\Core\Service;

use JadeLedger\Core\Paper\CalendarDate;

/**
 * Since when a machine counts as laid up: it stood for thirty days and nobody has booked it. Common practice, no
 * source.
 */
final class LaidUp
{
    public const AFTER_DAYS = 30;

    /**
     * @param CalendarDate|null $back the day on which it came back last; none where it never went out
     * @param list<HireSpan> $ahead hires that are not over
     * @return CalendarDate|null none where it does not count as laid up
     */
    public static function since(?CalendarDate $back, array $ahead, CalendarDate $today): ?CalendarDate
    {
        $from = $back?->plusDays(self::AFTER_DAYS);
        foreach ($ahead as $hire) {
            if ($hire->from->isBefore($today->plusDays(self::AFTER_DAYS))) {
                return null;
            }
        }

        return $from === null || $today->isBefore($from) ? null : $from;
    }
}
