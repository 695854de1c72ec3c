<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Platform;

use JadeLedger\Core\Paper\CalendarDate;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/**
 * When a platform is inspected next: after three months or 150 hours, and once a year, not later than 13 months.
 *
 * Source: ANSI A92.22, from memory, to be confirmed.
 */
final readonly class FrequentInspection
{
    private const MONTHS = 3;

    private const HOURS = 150;

    private const MOST_MONTHS_OF_A_YEAR = 13;

    public function __construct(private CalendarDate $last, private Quantity $hours)
    {
    }

    public function byDate(): CalendarDate
    {
        return $this->last->plusMonths(self::MONTHS);
    }

    public function byHours(): Quantity
    {
        return $this->hours->plus(Quantity::of(self::HOURS, Unit::Hour));
    }

    public static function annualBy(CalendarDate $last): CalendarDate
    {
        return $last->plusMonths(self::MOST_MONTHS_OF_A_YEAR);
    }
}
