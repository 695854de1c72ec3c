<?php

declare(strict_types=1);

namespace Tests\Core\Meter;

use JadeLedger\Core\Meter\MeterHistory;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Reading\Counted\HourMeterReading;
use JadeLedger\Core\Reading\Counted\MeterReplacement;
use JadeLedger\Core\Reading\Counted\OldMeterContradicted;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\Levels;

/** What a machine has run goes on over a new meter: common practice, no source. */
final class MeterReplacementTest extends TestCase
{
    #[TestWith(['1855.0', '0.0', '1855'], 'a new one')]
    #[TestWith(['1855.0', '12.4', '1842.6'], 'one that had run on a bench')]
    #[TestWith(['1855.0', '3000.0', '-1145'], 'one of another machine')]
    public function test_the_offset_is_what_the_old_one_had_counted_less_what_the_new_one_shows(
        string $removed,
        string $began,
        string $offset,
    ): void {
        $replacement = MeterReplacement::read($this->afterTwoDays(), self::hours($removed), self::hours($began));

        self::assertSame([$offset, false], [$replacement->offset()->text(), $replacement->isEstimated]);
    }

    #[TestWith(['1842.2', 'meter.ran_backwards'])]
    #[TestWith(['1890.5', 'meter.gained_too_much'])]
    public function test_an_old_meter_that_cannot_have_shown_this_is_refused(string $removed, string $because): void
    {
        try {
            MeterReplacement::read($this->afterTwoDays(), self::hours($removed), self::hours('0.0'));
            self::fail('It is taken.');
        } catch (OldMeterContradicted $contradicted) {
            self::assertSame($because, $contradicted->reason->key);
        }
    }

    public function test_one_that_cannot_be_read_counts_to_the_last_reading_that_is_known(): void
    {
        $replacement = MeterReplacement::unreadable(self::hours('1842.3'), self::hours('0.5'));

        self::assertSame(
            ['1842.3', '1841.8', true],
            [$replacement->countedTo->text(), $replacement->offset()->text(), $replacement->isEstimated],
        );
        self::assertSame('0', MeterReplacement::unreadable(null, self::hours('0.5'))->offset()->text());
    }

    private function afterTwoDays(): HourMeterReading
    {
        $read = new \DateTimeImmutable('2026-11-23 16:00');

        return new HourMeterReading(
            Levels::hourMeter(),
            MeterHistory::of(self::hours('1842.3'), $read, $read->modify('+2 days')),
        );
    }

    private static function hours(string $hours): Quantity
    {
        return Quantity::of($hours, Unit::Hour);
    }
}
