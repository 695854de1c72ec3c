<?php

declare(strict_types=1);

namespace Tests\Core\Paper;

use JadeLedger\Core\Paper\CalendarDate;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Days of the Gregorian calendar, held against those of the language: ISO 8601. */
final class CalendarDateTest extends TestCase
{
    #[TestWith(['2026-12-01', -333, '2026-01-02'])]
    #[TestWith(['2024-03-01', -1, '2024-02-29'])]
    #[TestWith(['2100-03-01', -1, '2100-02-28'])]
    #[TestWith(['2026-01-01', -1, '2025-12-31'])]
    #[TestWith(['2026-12-31', 1, '2027-01-01'])]
    #[TestWith(['2028-02-28', 1, '2028-02-29'])]
    public function test_days_are_counted_on_and_back_over_months_and_leap_years(
        string $from,
        int $days,
        string $day,
    ): void {
        self::assertSame($day, CalendarDate::parse($from)->plusDays($days)->text());
    }

    public function test_whatever_the_day_it_comes_out_where_the_calendar_of_the_language_does(): void
    {
        $random = new \Random\Randomizer(new \Random\Engine\Mt19937(20_261));
        for ($n = 0; $n < 2_000; $n++) {
            $from = (new \DateTimeImmutable('1970-01-01'))->modify($random->getInt(0, 60_000).' days');
            $days = $random->getInt(-4_000, 4_000);
            $plus = CalendarDate::parse($from->format('Y-m-d'))->plusDays($days);
            self::assertSame($from->modify("{$days} days")->format('Y-m-d'), $plus->text());
            self::assertSame($days, CalendarDate::parse($from->format('Y-m-d'))->daysUntil($plus));
        }
    }
}
