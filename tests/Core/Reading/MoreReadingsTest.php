<?php

declare(strict_types=1);

namespace Tests\Core\Reading;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Reading\DisplayZone;
use JadeLedger\Core\Reading\Electrical\GeneratorVoltage;
use JadeLedger\Core\Reading\Electrical\SpecificGravity;
use JadeLedger\Core\Reading\ExtinguisherGauge;
use JadeLedger\Core\Reading\Fluids\CoolantFreezePoint;
use JadeLedger\Core\Reading\Fluids\GlycolTable;
use JadeLedger\Core\Reading\Motion\EmergencyLowering;
use JadeLedger\Core\Reading\Motion\ParkBrakeHold;
use JadeLedger\Core\Reading\Motion\TiltAlarmAngle;
use JadeLedger\Core\Reading\Observation;
use JadeLedger\Core\Reading\OutsideTheTable;
use JadeLedger\Core\Reading\ScaleReading;
use JadeLedger\Core\Reading\Wear\BeltDeflection;
use JadeLedger\Core\Reading\Wear\PinPlay;
use JadeLedger\Core\Reading\Wear\TrackSag;
use JadeLedger\Core\Source\Source;
use JadeLedger\Core\Source\SourceKind;
use JadeLedger\Core\Verdict\Outcome;
use JadeLedger\Core\Verdict\Verdict;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Gauges, watches and dials of platforms, engines and pins, and readings at several points. */
final class MoreReadingsTest extends TestCase
{
    /** @return iterable<string, array{ScaleReading, list<array{string, Outcome, string}>}> */
    public static function edges(): iterable
    {
        $source = self::source();
        yield 'maker\'s band, no figure is common' => [
            new BeltDeflection(self::of('8', Unit::Millimetre), self::of('12', Unit::Millimetre), $source),
            [
                ['7', Outcome::Attend, 'belt.tight'],
                ['8', Outcome::Stands, 'belt.right'],
                ['12', Outcome::Stands, 'belt.right'],
                ['13', Outcome::Attend, 'belt.slack'],
            ],
        ];
        yield 'maker\'s limit, no figure is common' => [
            new PinPlay(self::of('1.5', Unit::Millimetre), $source),
            [
                ['0', Outcome::Stands, 'pin.tight'],
                ['1.5', Outcome::Stands, 'pin.tight'],
                ['1.6', Outcome::Attend, 'pin.worn'],
            ],
        ];
        yield 'maker\'s time; common practice, no source, that both ends stop' => [
            new EmergencyLowering(self::of('8', Unit::Second), self::of('20', Unit::Second), $source),
            [
                ['7.9', Outcome::Stop, 'lowering.drops'],
                ['8', Outcome::Stands, 'lowering.right'],
                ['20', Outcome::Stands, 'lowering.right'],
                ['20.1', Outcome::Stop, 'lowering.hangs'],
            ],
        ];
        yield 'common practice, no source: 3 to 5° by the plate' => [
            new TiltAlarmAngle(self::of('5', Unit::Degree), $source),
            [
                ['3.9', Outcome::Attend, 'tilt.early'],
                ['4', Outcome::Stands, 'tilt.right'],
                ['5', Outcome::Stands, 'tilt.right'],
                ['5.1', Outcome::Stop, 'tilt.late'],
            ],
        ];
        yield 'common practice, no source: in the green' => [
            new ExtinguisherGauge(self::of('12', Unit::Bar), self::of('17', Unit::Bar), $source),
            [
                ['11.5', Outcome::Attend, 'extinguisher.empty'],
                ['12', Outcome::Stands, 'extinguisher.green'],
                ['17', Outcome::Stands, 'extinguisher.green'],
                ['17.5', Outcome::Attend, 'extinguisher.over'],
            ],
        ];
        yield 'common practice, no source: red refills, amber tops up' => [
            new DisplayZone(self::of('20', Unit::Percent), self::of('40', Unit::Percent), $source),
            [
                ['15', Outcome::Stop, 'display.red'],
                ['20', Outcome::Attend, 'display.amber'],
                ['40', Outcome::Stands, 'display.green'],
                ['100', Outcome::Stands, 'display.green'],
            ],
        ];
        yield 'common practice, no source: 20 s and no longer' => [
            new ParkBrakeHold(self::of('5', Unit::Second), self::of('20', Unit::Second), $source),
            [
                ['4', Outcome::Open, 'hold.too_short'],
                ['5', Outcome::Stands, 'hold.held'],
                ['20', Outcome::Stands, 'hold.held'],
                ['21', Outcome::Attend, 'hold.too_long'],
            ],
        ];
        yield 'frost that the yard asks for' => [
            new CoolantFreezePoint(self::of('-25', Unit::Celsius), self::of('20', Unit::Litre), $source),
            [
                ['-37', Outcome::Stands, 'freeze.protected'],
                ['-25', Outcome::Stands, 'freeze.protected'],
                ['-24', Outcome::Attend, 'freeze.thin'],
            ],
        ];
    }

    /** @param  list<array{string, Outcome, string}>  $figures */
    #[DataProvider('edges')]
    public function test_the_edges_of_the_bands_lie_where_the_source_says(ScaleReading $reading, array $figures): void
    {
        $unit = $reading->scale()->low->unit;
        foreach ($figures as [$figure, $outcome, $reason]) {
            $verdict = $reading->judge(new Observation(self::of($figure, $unit)));

            self::assertSame($outcome, $verdict->outcome, "{$figure} {$unit->value}");
            self::assertSame($reason, $verdict->reason->key, "{$figure} {$unit->value}");
        }
    }

    /** 20 s at 1,500 rpm: 0 mm passes, 20 mm stops. Common practice, no source. */
    public function test_a_park_brake_that_moved_stops_the_machine_however_long_it_held(): void
    {
        $hold = new ParkBrakeHold(self::of('5', Unit::Second), self::of('20', Unit::Second), self::source());
        foreach (['1', '20', '25'] as $seconds) {
            self::assertSame(
                Outcome::Stop,
                $hold->judge(new Observation(self::of($seconds, Unit::Second), look: 'moved'))->outcome,
            );
        }
        self::assertSame(
            Outcome::Stands,
            $hold->judge(new Observation(self::of('20', Unit::Second), look: 'stood'))->outcome,
        );
    }

    public function test_an_uneven_emergency_lowering_stops_the_machine_whatever_the_watch_says(): void
    {
        $lowering = new EmergencyLowering(self::of('8', Unit::Second), self::of('20', Unit::Second), self::source());

        self::assertSame(
            Outcome::Stop,
            $lowering->judge(new Observation(self::of('12', Unit::Second), look: 'jerky'))->outcome,
        );
        self::assertSame(
            Outcome::Stands,
            $lowering->judge(new Observation(self::of('12', Unit::Second), look: 'smooth'))->outcome,
        );
    }

    /** Cells further apart than 0.050 are not cured by a charge. Common practice, no source. */
    public function test_one_bad_cell_is_found_by_the_spread(): void
    {
        $battery = new SpecificGravity(self::of('1.225', Unit::SpecificGravity), self::source(), 6);
        $cells = static fn (string ...$all): array => array_map(
            static fn (string $one): Quantity => self::of($one, Unit::SpecificGravity),
            array_values($all),
        );
        $judge = static fn (array $read) => $battery->judge(new Observation($battery->worst($read), points: $read));

        self::assertSame(
            'gravity.charged',
            $judge($cells('1.280', '1.275', '1.230', '1.280', '1.270', '1.265'))->reason->key,
            '0.050 apart is still allowed',
        );
        $bad = $judge($cells('1.285', '1.275', '1.230', '1.280', '1.270', '1.265'));
        self::assertSame('gravity.spread', $bad->reason->key);
        self::assertSame('0.055', $bad->reason->figures['spread']);
        self::assertSame(
            '1.230',
            (string) $battery->worst($cells('1.285', '1.230', '1.280'))->decimal(3, RoundingMode::HALF_UP),
        );
    }

    /** Within 5 % of nominal, each phase. Common practice, no source. */
    public function test_a_set_is_judged_by_the_phase_that_is_furthest_off(): void
    {
        $set = new GeneratorVoltage(self::of('400', Unit::Volt), self::source(), 3);
        $phases = static fn (string ...$all): array => array_map(
            static fn (string $one): Quantity => self::of($one, Unit::Volt),
            array_values($all),
        );

        self::assertSame('379', $set->worst($phases('401', '379', '415'))->text());
        self::assertSame('421', $set->worst($phases('401', '390', '421'))->text());
        self::assertSame(
            'voltage.low',
            $set->judge(new Observation($set->worst($phases('401', '379', '415'))))->reason->key,
        );
        self::assertSame(3, $set->points());
    }

    /** S-282, ASHRAE Handbook Fundamentals: the share that belongs to a freezing point is found again from it. */
    public function test_the_glycol_table_reads_both_ways(): void
    {
        $table = GlycolTable::byMass();
        for ($percent = 0; $percent <= 60; $percent++) {
            $again = $table->share($table->freezingPoint(BigRational::of($percent)));

            self::assertEqualsWithDelta($percent, $again->toFloat(), 0.001);
        }
        $last = 1.0;
        for ($percent = 0; $percent <= 60; $percent += 5) {
            $freezes = $table->freezingPoint(BigRational::of($percent))->decimal(3, RoundingMode::HALF_UP)->toFloat();
            self::assertLessThanOrEqual($last, $freezes, 'more glycol never freezes earlier within the table');
            $last = $freezes;
        }
    }

    /** Mixing algebra: 20 L at 30 %, wanted 50 %, drain 5.714 L and fill up with concentrate. */
    public function test_thin_coolant_says_how_many_litres_are_exchanged(): void
    {
        self::assertSame(
            '5.714',
            (string) CoolantFreezePoint::exchange(
                self::of('20', Unit::Litre),
                BigRational::of(30),
                BigRational::of(50),
            )->decimal(3, RoundingMode::HALF_UP),
        );
        self::assertTrue(
            CoolantFreezePoint::exchange(
                self::of('20', Unit::Litre),
                BigRational::of(55),
                BigRational::of(50),
            )->isZero(),
        );
        // -14.1 °C is 30 % and -33.8 °C 50 % by mass: 28.0 % and 47.6 % by volume, by which litres are mixed.
        $verdict = (new CoolantFreezePoint(
            self::of('-33.8', Unit::Celsius),
            self::of('20', Unit::Litre),
            self::source(),
        ))->judge(new Observation(self::of('-14.1', Unit::Celsius)));
        self::assertEquals(Quantity::of('5.4', Unit::Litre), $verdict->act?->figures['litres']);
    }

    /**
     * Wanted -52 °C, 60 % by the label; read -37 °C, half and half: 20 L × 10 ÷ 50 = 4 L. Beyond the labels nobody
     * knows how much.
     */
    public function test_coolant_beyond_half_and_half_goes_by_the_label_and_beyond_the_label_by_nothing(): void
    {
        $asks = static fn (
            string $needed,
            string $read,
        ): Verdict => (new CoolantFreezePoint(
            self::of($needed, Unit::Celsius),
            self::of('20', Unit::Litre),
            self::source(),
        ))->judge(
            new Observation(self::of($read, Unit::Celsius)),
        );

        self::assertSame('4', $asks('-52', '-37')->act?->figures['litres']->text());
        self::assertTrue(
            $asks('-52', '-50')->act?->figures['litres']->isGreaterThan(Quantity::zero(Unit::Litre)),
            'less than asked for is never nothing to exchange',
        );
        self::assertSame('freeze.by_the_label', $asks('-70', '-37')->act?->key);
        self::assertSame(Outcome::Stands, $asks('-37', '-60')->outcome);
        foreach (['20', '90'] as $share) {
            try {
                GlycolTable::byVolume()->freezingPoint(BigRational::of($share));
                self::fail("{$share} % is outside of the table.");
            } catch (OutsideTheTable) {
                $this->addToAssertionCount(1);
            }
        }
    }

    /** A maker's figure of 1.5 mm a stroke, invented: from 66 mm to the middle of 30 to 60 mm are 21 mm, 14 strokes. */
    public function test_a_slack_track_says_how_many_strokes_of_the_grease_gun(): void
    {
        $track = new TrackSag(
            self::of('30', Unit::Millimetre),
            self::of('60', Unit::Millimetre),
            self::source(),
            self::of('1.5', Unit::Millimetre),
        );
        $verdict = $track->judge(new Observation(self::of('66', Unit::Millimetre)));

        self::assertSame(['track.pump', '14'], [$verdict->act?->key, $verdict->act?->figures['strokes']]);
        self::assertSame(0, $track->strokes(self::of('20', Unit::Millimetre)), 'a tight one is let off, not pumped');
        self::assertSame(
            'track.tension',
            (new TrackSag(self::of('30', Unit::Millimetre), self::of('60', Unit::Millimetre), self::source()))->judge(
                new Observation(self::of('66', Unit::Millimetre)),
            )->act?->key,
        );
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
