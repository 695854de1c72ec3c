<?php

declare(strict_types=1);

namespace JadeLedger\Core\Service;

use JadeLedger\Core\Catalogue\Check;
use JadeLedger\Core\Catalogue\Features;
use JadeLedger\Core\Catalogue\Occasion;
use JadeLedger\Core\Paper\CalendarDate;

/**
 * The weekly, monthly and yearly checks that enter the next walk: those that are due, or would fall due before the
 * machine is back. What was never done is due.
 */
final class PeriodicChecks
{
    /**
     * @param array<string, Check> $checks those that a walk asks by itself are left out
     * @param array<string, CalendarDate> $last the day on which each was done last, by its id
     * @param CalendarDate $until the day on which the machine is back; on a return walk, today
     * @return array<string, DueCheck> by the check's id
     */
    public static function of(
        array $checks,
        Features $features,
        array $last,
        CalendarDate $until,
    ): array {
        $due = [];
        foreach ($checks as $check) {
            $occasion = self::occasion($check, $features);
            if ($occasion === null) {
                continue;
            }
            $done = $last[$check->id] ?? null;
            if ($done === null || ! $until->isBefore(self::next($occasion, $done))) {
                $due[$check->id] = new DueCheck($check->id, $occasion, $done);
            }
        }

        return $due;
    }

    /** How often a check comes back with the calendar that no walk asks by itself; none for all others. */
    public static function occasion(Check $check, Features $features): ?Occasion
    {
        $due = $check->dueOn($features);
        if (
            ! $check->applies->holdsFor($features)
            || in_array(Occasion::Checkout, $due, true)
            || in_array(Occasion::Return, $due, true)
        ) {
            return null;
        }
        foreach ([Occasion::Weekly, Occasion::Monthly, Occasion::HalfYearly, Occasion::Yearly] as $occasion) {
            if (in_array($occasion, $due, true)) {
                return $occasion;
            }
        }

        return null;
    }

    private static function next(Occasion $occasion, CalendarDate $done): CalendarDate
    {
        return match ($occasion) {
            Occasion::Weekly => $done->plusDays(7),
            Occasion::Monthly => $done->plusMonths(1),
            Occasion::HalfYearly => $done->plusMonths(6),
            default => $done->plusMonths(12),
        };
    }
}
