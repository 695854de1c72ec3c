<?php

declare(strict_types=1);

namespace JadeLedger\Core\Service;

use JadeLedger\Core\Paper\CalendarDate;
use JadeLedger\Core\Quantity\Unit;

/** The hire on which a point falls due, and the day of it. */
final readonly class DueOnHire
{
    /** @param  int  $day of the hire, from 1 */
    private function __construct(public string $hireId, public CalendarDate $on, public int $day)
    {
    }

    /**
     * The first hire that a point falls due on; a point that is due already is so on the first day of the next one.
     *
     * @param list<HireSpan> $hires those that are not over, the earliest first, none overlapping another
     * @param float|null $hoursPerDay on a day on hire; none where it is not known, so that only the calendar says
     */
    public static function first(DuePoint $point, array $hires, CalendarDate $today, ?float $hoursPerDay): ?self
    {
        $left = $point->hoursLeft === null ? null : (float) $point->hoursLeft->in(Unit::Hour)->text();
        foreach ($hires as $at => $hire) {
            $start = $hire->from->isBefore($today) ? $today : $hire->from;
            $days = $start->daysUntil($hire->until) + 1;
            // Each hire before it counts as one more.
            $isDue = $point->because !== null || ($point->hiresLeft !== null && $point->hiresLeft <= $at);
            $on = $isDue
                ? $start
                : self::earlier($point->due?->on, self::byUse($left, $start, $days, $hoursPerDay));
            if ($on !== null && ! $hire->until->isBefore($on)) {
                $on = $on->isBefore($start) ? $start : $on;

                return new self($hire->hireId, $on, $hire->from->daysUntil($on) + 1);
            }
            $left = $left === null || $hoursPerDay === null ? $left : $left - $hoursPerDay * max(0, $days);
        }

        return null;
    }

    /** The day of a hire on which the hours are met; none where they are not. */
    private static function byUse(?float $left, CalendarDate $start, int $days, ?float $hoursPerDay): ?CalendarDate
    {
        if ($left === null) {
            return null;
        }
        if ($left <= 0.0) {
            return $start;
        }
        if ($hoursPerDay === null || $hoursPerDay <= 0.0 || $left / $hoursPerDay >= $days) {
            return null;
        }

        return $start->plusDays((int) floor($left / $hoursPerDay));
    }

    private static function earlier(?CalendarDate $one, ?CalendarDate $other): ?CalendarDate
    {
        if ($one === null || $other === null) {
            return $one ?? $other;
        }

        return $one->isBefore($other) ? $one : $other;
    }
}
