<?php

declare(strict_types=1);

namespace Tests\Core\Meter;

use JadeLedger\Core\Meter\MeterHistory;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Reading\Counted\HourMeterReading;
use JadeLedger\Core\Verdict\Outcome;
use JadeLedger\Core\Verdict\Verdict;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\Levels;

/**
 * A meter never runs back and never gains more than 24 hours a day: a fact of the trade, common practice, no source.
 */
final class HourMeterReadingTest extends TestCase
{
    #[TestWith(['1842.3', Outcome::Stands, false], 'not used')]
    #[TestWith(['1871.9', Outcome::Stands, false], '29.6 h in two days')]
    #[TestWith(['1890.3', Outcome::Stands, false], '48 h in two days')]
    #[TestWith(['1890.4', Outcome::Stands, false], 'the last drum may have been about to turn')]
    #[TestWith(['1890.5', Outcome::Attend, true], 'more hours than passed')]
    #[TestWith(['1842.2', Outcome::Attend, true], 'lower than before')]
    public function test_a_reading_two_days_after_1842_3_hours(string $reading, Outcome $outcome, bool $disputed): void
    {
        $verdict = $this->afterTwoDays($reading);

        self::assertSame([$outcome, $disputed], [$verdict->outcome, $verdict->isDisputed]);
    }

    public function test_the_working_shows_the_gain(): void
    {
        self::assertSame(['1871.9 h − 1842.3 h = 29.6 h'], $this->afterTwoDays('1871.9')->working);
    }

    public function test_the_first_reading_of_a_machine_stands(): void
    {
        $verdict = (new HourMeterReading(Levels::hourMeter(), MeterHistory::none()))->judge(
            Quantity::of('4.1', Unit::Hour),
        );

        self::assertSame(Outcome::Stands, $verdict->outcome);
    }

    private function afterTwoDays(string $reading): Verdict
    {
        $history = MeterHistory::of(
            Quantity::of('1842.3', Unit::Hour),
            new \DateTimeImmutable('2026-11-19T07:40:00Z'),
            new \DateTimeImmutable('2026-11-21T07:40:00Z'),
        );

        return (new HourMeterReading(Levels::hourMeter(), $history))->judge(Quantity::of($reading, Unit::Hour));
    }
}
