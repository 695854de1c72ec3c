<?php

declare(strict_types=1);

namespace Tests\Core\Reading;

use Brick\Math\RoundingMode;
use JadeLedger\Core\Meter\MeterHistory;
use JadeLedger\Core\Quantity\NotANumber;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Reading\Counted\HourMeterLimits;
use JadeLedger\Core\Reading\Counted\HourMeterReading;
use JadeLedger\Core\Reading\Electrical\BatteryVoltage;
use JadeLedger\Core\Reading\Electrical\ChargeTable;
use JadeLedger\Core\Reading\Electrical\GeneratorVoltage;
use JadeLedger\Core\Reading\Electrical\ResidualCurrentTrip;
use JadeLedger\Core\Reading\Electrical\SpecificGravity;
use JadeLedger\Core\Reading\Motion\BladeStop;
use JadeLedger\Core\Reading\Observation;
use JadeLedger\Core\Reading\Observed;
use JadeLedger\Core\Reading\Tyres\TyrePressure;
use JadeLedger\Core\Source\Source;
use JadeLedger\Core\Source\SourceKind;
use JadeLedger\Core\Verdict\Outcome;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Readings that say nothing, readings of several points, and readings at the ends of what an instrument shows. */
final class WorstReadingTest extends TestCase
{
    /**
     * Common practice, no source: within 5 % of nominal; above is a stop, below is attended to.
     *
     * @param list<string> $phases
     */
    #[
        TestWith(
            [['378', '400', '421'], '421', Outcome::Stop],
            'the phase that is further off does not hide the one that stops it',
        ),
    ]
    #[TestWith([['378', '400', '420'], '378', Outcome::Attend], 'of those that stand and one that does not')]
    #[TestWith([['372', '400', '378'], '372', Outcome::Attend], 'of two that weigh the same, the one further off')]
    #[TestWith([['399', '401', '404'], '404', Outcome::Stands], 'all stand')]
    public function test_of_several_phases_the_worst_verdict_counts(
        array $phases,
        string $worst,
        Outcome $outcome,
    ): void {
        $set = new GeneratorVoltage(self::of('400', Unit::Volt), self::source(), 3);
        $figures = array_map(static fn (string $volts): Quantity => self::of($volts, Unit::Volt), $phases);

        self::assertSame($worst, $set->worst($figures)->text());
        self::assertSame($outcome, $set->judge(new Observation($set->worst($figures), points: $figures))->outcome);
    }

    /**
     * Common practice, no source: 1.225 and more is charged, over 1.300 is too high, cells further apart than 0.050 are
     * not cured by a charge.
     */
    #[TestWith([['1.280', '1.320'], 'gravity.too_high'], 'one cell alone too high, in a set')]
    #[TestWith([['1.220', '1.260'], 'gravity.low'], 'one cell alone too low')]
    #[TestWith([['1.230', '1.280'], 'gravity.charged'], 'at the very spread')]
    #[TestWith([['1.229', '1.280'], 'gravity.spread'], 'a thousandth over it')]
    #[TestWith([['1.300', '1.300'], 'gravity.charged'], 'the very edge')]
    #[TestWith([['1.301', '1.300'], 'gravity.too_high'], 'a thousandth over the edge')]
    public function test_of_several_cells_the_worst_verdict_counts(array $cells, string $reason): void
    {
        $battery = new SpecificGravity(self::of('1.225', Unit::SpecificGravity), self::source(), count($cells));
        $figures = array_map(static fn (string $cell): Quantity => self::of($cell, Unit::SpecificGravity), $cells);

        self::assertSame(
            $reason,
            $battery->judge(new Observation($battery->worst($figures), points: $figures))->reason->key,
        );
    }

    public function test_a_clock_that_did_not_run_and_a_battery_that_is_charged_say_nothing(): void
    {
        self::assertSame(
            Outcome::Open,
            BladeStop::ridden(self::source())->judge(new Observation(self::of('0', Unit::Second)))->outcome,
        );
        self::assertSame(
            Outcome::Open,
            (new ResidualCurrentTrip(self::of('30', Unit::Milliampere), self::source()))->judge(
                new Observation(self::of('0', Unit::Millisecond)),
            )->outcome,
        );
        $battery = new BatteryVoltage(self::of('12', Unit::Volt), self::source());
        self::assertSame(
            [Outcome::Open, Outcome::Stands],
            array_map(
                static fn (string $volts): Outcome => $battery->judge(
                    new Observation(self::of($volts, Unit::Volt)),
                )->outcome,
                ['14.4', '13.2'],
            ),
        );
    }

    /** Gay-Lussac's law: 20 kPa at 20 °C are 121.325 kPa of air; at -30 °C 100.6, less than the air around. */
    public function test_a_soft_tyre_in_great_cold_is_read_again_warm(): void
    {
        $tyre = new TyrePressure(self::of('20', Unit::Kilopascal), self::source());

        $verdict = $tyre->judge(
            new Observation(
                self::of('5', Unit::Kilopascal),
                [Observed::measured(TyrePressure::TEMPERATURE, self::of('-30', Unit::Celsius))],
            ),
        );

        self::assertSame(
            [Outcome::Open, 'tyre.too_cold', 'tyre.read_warm'],
            [$verdict->outcome, $verdict->reason->key, $verdict->act?->key],
        );
        self::assertSame(['20 kPa at 20 °C = -1 kPa at -30 °C'], $verdict->working);
    }

    /**
     * Battery Council International table: 90 % and 30 % of deep-cycle batteries, read at their very rows. From memory,
     * to be confirmed.
     */
    public function test_every_row_of_the_deep_cycle_table_is_found(): void
    {
        foreach (
            [
                ['90', '1.258', '12.62'],
                ['80', '1.238', '12.50'],
                ['30', '1.124', '11.81'],
                ['10', '1.073', '11.51'],
            ] as [$percent, $gravity, $volts]
        ) {
            self::assertEqualsWithDelta(
                (float) $percent,
                ChargeTable::deepCycle()->fromGravity(self::of($gravity, Unit::SpecificGravity))->toFloat(),
                1e-9,
            );
            self::assertEqualsWithDelta(
                (float) $percent,
                ChargeTable::deepCycle()->fromVoltage(self::of($volts, Unit::Volt))->toFloat(),
                1e-9,
            );
        }
    }

    /** A meter of five whole digits and one tenth begins again after 99,999.9. Arithmetic. */
    #[TestWith(['99999.5', '2.1', '3', 'meter.rolled_over'], 'past all nines within the time that passed')]
    #[TestWith(['99999.5', '2.1', '1', 'meter.ran_backwards'], 'not within an hour')]
    #[TestWith(['5000.0', '2.1', '3', 'meter.ran_backwards'], 'nowhere near all nines')]
    public function test_a_meter_that_goes_past_all_nines_does_not_run_backwards(
        string $last,
        string $now,
        string $hours,
        string $reason,
    ): void {
        $taken = new \DateTimeImmutable('2026-11-27T08:00:00Z');
        $history = MeterHistory::of(self::of($last, Unit::Hour), $taken, $taken->modify("+{$hours} hours"));

        self::assertSame(
            $reason,
            (new HourMeterReading(new HourMeterLimits(5, 1, self::source()), $history))->judge(
                self::of($now, Unit::Hour),
            )->reason->key,
        );
    }

    /** NIST SP 811, B.8: a mile an hour is 0.447 04 m/s, exactly. A difference of temperature has no offset. */
    public function test_units_are_exact_and_differences_have_no_offset(): void
    {
        self::assertSame(
            '0.447040',
            (string) self::of('1', Unit::MilePerHour)->in(Unit::MetrePerSecond)->decimal(6, RoundingMode::HALF_UP),
        );
        self::assertSame('18', self::of('10', Unit::Celsius)->differenceIn(Unit::Fahrenheit)->text());
        self::assertSame('50', self::of('10', Unit::Celsius)->in(Unit::Fahrenheit)->text());
    }

    #[TestWith(['1/3'])]
    #[TestWith(['1e3'])]
    #[TestWith(["12\n"])]
    #[TestWith([' 12'])]
    #[TestWith([''])]
    #[TestWith(['.5'])]
    public function test_only_plain_decimals_are_figures(string $text): void
    {
        $this->expectException(NotANumber::class);
        Quantity::of($text, Unit::Millimetre);
    }

    private static function of(string $value, Unit $unit): Quantity
    {
        return Quantity::of($value, $unit);
    }

    private static function source(): Source
    {
        return new Source(SourceKind::CommonPractice, 'common practice, no source');
    }
}
