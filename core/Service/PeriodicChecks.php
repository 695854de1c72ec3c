<?php

declare(strict_types=1);

namespace JadeLedger\Core\Service;

use JadeLedger\Core\Check\Check;
use JadeLedger\Core\Check\Occasion;
use JadeLedger\Core\Equipment\Features;
use JadeLedger\Core\Paper\CalendarDate;

/**
 * The weekly, monthly and yearly checks of a machine that no walk asks by itself. They enter the next walk when they
 * are due, or would fall due before the machine is back; what was never done is due.
 */
final readonly class PeriodicChecks
{
    /** @param  array<string, Occasion>  $occasions by the check's id */
    private function __construct(private array $occasions)
    {
    }

    /** @param  array<string, Check>  $checks */
    public static function of(array $checks, Features $features): self
    {
        return new self(array_filter(array_map(
            static fn (Check $check): ?Occasion => self::occasion($check, $features),
            $checks,
        )));
    }

    /** @return list<string> ids of the checks */
    public function ids(): array
    {
        return array_keys($this->occasions);
    }

    /**
     * @param array<string, CalendarDate> $last the day on which each was done last, by its id
     * @param CalendarDate $until the day on which the machine is back; on a return walk, today
     * @return array<string, DueCheck> by the check's id
     */
    public function due(array $last, CalendarDate $until): array
    {
        $due = [];
        foreach ($this->occasions as $id => $occasion) {
            $done = $last[$id] ?? null;
            if ($done === null || ! $until->isBefore(self::next($occasion, $done))) {
                $due[$id] = new DueCheck($id, $occasion, $done);
            }
        }

        return $due;
    }

    private static function occasion(Check $check, Features $features): ?Occasion
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
