<?php

declare(strict_types=1);

namespace Tests\Core\Meter;

use JadeLedger\Core\Meter\MeterHistory;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Reading\Counted\HourMeterReading;
use JadeLedger\Core\Telematics\TimedHours;
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

    public function test_what_was_disputed_says_how_long_ago_the_last_reading_was(): void
    {
        self::assertSame(
            ['gain' => '48.2', 'elapsed' => '48.0'],
            $this->afterTwoDays('1890.5')->reason->figures,
        );
    }

    /** Two counters of one machine: two hours apart are signals that differ, more is a wrong counter. */
    #[TestWith(['1846.3', Outcome::Stands, 'meter.plausible'], '2 h beyond what the machine reported')]
    #[TestWith(['1846.4', Outcome::Attend, 'meter.apart'], '2.1 h')]
    #[TestWith(['1900.0', Outcome::Attend, 'meter.gained_too_much'], 'what cannot be is said first')]
    public function test_it_is_compared_with_what_is_reported(string $reading, Outcome $outcome, string $why): void
    {
        $now = new \DateTimeImmutable('2026-11-21T07:40:00Z');
        $history = MeterHistory::of(
            Quantity::of('1842.3', Unit::Hour),
            new \DateTimeImmutable('2026-11-19T07:40:00Z'),
            $now,
        )->beside(new TimedHours(Quantity::of('1844.3', Unit::Hour), $now), $now);

        $verdict = (new HourMeterReading(Levels::hourMeter(), $history))->judge(Quantity::of($reading, Unit::Hour));

        self::assertSame([$outcome, $why], [$verdict->outcome, $verdict->reason->key]);
    }

    /** Hours are written as the meter shows them: in tenths, and the clock is no more exact than that. */
    public function test_what_it_was_computed_with_is_written_in_tenths(): void
    {
        $now = new \DateTimeImmutable('2026-11-21T07:40:00Z');
        $taken = new \DateTimeImmutable('2026-11-19T04:47:00Z');
        $history = MeterHistory::of(Quantity::of('1842.3', Unit::Hour), $taken, $now);
        $meter = static fn (MeterHistory $history): HourMeterReading => new HourMeterReading(
            Levels::hourMeter(),
            $history,
        );
        $tooMuch = $meter($history)->judge(Quantity::of('1900.0', Unit::Hour));
        self::assertSame(['1900 h − 1842.3 h = 57.7 h', '57.7 h > 50.9 h'], $tooMuch->working);

        $reported = $history->beside(new TimedHours(Quantity::of('1844.34', Unit::Hour), $now), $now);
        $apart = $meter($reported)->judge(Quantity::of('1850.0', Unit::Hour));
        self::assertSame(['meter' => '1850.0', 'reported' => '1844.3', 'apart' => '5.7'], $apart->reason->figures);
        self::assertSame(['1850.0 h, 1844.3 h → 5.7 h'], $apart->working);
    }

    /** Five digits: the next hour is nought again. */
    public function test_its_range_ends_where_its_digits_do(): void
    {
        $range = Levels::hourMeter()->range();

        self::assertSame(['0', '100000'], [$range->low->text(), $range->high->text()]);
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
