<?php

declare(strict_types=1);

namespace Tests\Core\Reading;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use JadeLedger\Core\Check\Condition;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Reading\Band;
use JadeLedger\Core\Reading\Bands;
use JadeLedger\Core\Reading\BandsOutOfOrder;
use JadeLedger\Core\Reading\Counted\CountLimits;
use JadeLedger\Core\Reading\Drawing;
use JadeLedger\Core\Reading\Edge;
use JadeLedger\Core\Reading\Electrical\ElectrolyteLevel;
use JadeLedger\Core\Reading\Electrical\GeneratorFrequency;
use JadeLedger\Core\Reading\Electrical\GeneratorVoltage;
use JadeLedger\Core\Reading\Electrical\SpecificGravity;
use JadeLedger\Core\Reading\Fluids\CoolantFreezePoint;
use JadeLedger\Core\Reading\Fluids\Fluid;
use JadeLedger\Core\Reading\Fluids\GlycolTable;
use JadeLedger\Core\Reading\Fluids\LevelMarks;
use JadeLedger\Core\Reading\Fluids\LevelWords;
use JadeLedger\Core\Reading\Motion\BladeStop;
use JadeLedger\Core\Reading\Motion\DriveSpeed;
use JadeLedger\Core\Reading\Observation;
use JadeLedger\Core\Reading\Observed;
use JadeLedger\Core\Reading\OutsideTheTable;
use JadeLedger\Core\Reading\Tyres\TyrePressure;
use JadeLedger\Core\Reading\UnitSlip;
use JadeLedger\Core\Reading\Validity;
use JadeLedger\Core\Reading\Wear\ChainElongation;
use JadeLedger\Core\Reading\Wear\TrackSag;
use JadeLedger\Core\Reading\Wear\WearForecast;
use JadeLedger\Core\Reading\Wear\WearPoint;
use JadeLedger\Core\Source\Source;
use JadeLedger\Core\Source\SourceKind;
use JadeLedger\Core\Verdict\Outcome;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Rows of published tables one by one, and what stands exactly on an edge. */
final class TablesAndEdgesTest extends TestCase
{
    /** Blades stand within 3 s where somebody walks behind, ISO 5395-2; within 5 s where somebody rides, ISO 5395-3. */
    #[TestWith(['3', Outcome::Stands, Outcome::Stands])]
    #[TestWith(['3.1', Outcome::Stop, Outcome::Stands])]
    #[TestWith(['5', Outcome::Stop, Outcome::Stands])]
    #[TestWith(['5.1', Outcome::Stop, Outcome::Stop])]
    public function test_a_blade_stops_in_the_time_of_its_kind(string $seconds, Outcome $walked, Outcome $ridden): void
    {
        $source = new Source(SourceKind::Published, 'ISO 5395');
        $seen = new Observation(Quantity::of($seconds, Unit::Second));

        self::assertSame($walked, BladeStop::walkedBehind($source)->judge($seen)->outcome);
        self::assertSame($ridden, BladeStop::ridden($source)->judge($seen)->outcome);
    }

    public function test_what_a_table_does_not_know_is_named_to_a_tenth(): void
    {
        $this->expectException(OutsideTheTable::class);
        $this->expectExceptionMessage('12.3 lies outside of what the table knows.');

        throw OutsideTheTable::of(BigRational::of('12.345'));
    }

    /** A glass is read to the millimetre. */
    public function test_a_sight_glass_is_drawn_with_steps_of_one(): void
    {
        $marks = new LevelMarks(self::mm('0'), self::mm('10'), self::mm('30'), self::mm('40'));
        $oil = new Fluid('oil', Quantity::of('0.05', Unit::Litre), 10);

        self::assertSame('1', Drawing::sightGlass($marks, self::mm('40'), $oil)->step);
    }

    /** ASHRAE Handbook Fundamentals, freezing points of aqueous ethylene glycol by mass. */
    #[TestWith(['0', '0'])]
    #[TestWith(['10', '-3.2'])]
    #[TestWith(['20', '-7.8'])]
    #[TestWith(['30', '-14.1'])]
    #[TestWith(['40', '-22.3'])]
    #[TestWith(['50', '-33.8'])]
    #[TestWith(['60', '-48.3'])]
    public function test_each_row_of_glycol_by_mass_is_the_published_one_both_ways(string $share, string $celsius): void
    {
        $table = GlycolTable::byMass();
        $freezing = Quantity::of($celsius, Unit::Celsius);

        self::assertSame(0, $table->freezingPoint(BigRational::of($share))->compareTo($freezing));
        self::assertTrue($table->share($freezing)->isEqualTo($share));
    }

    /** Labels of concentrates of the ASTM D3306 type, by volume. */
    #[TestWith(['50', '-37'])]
    #[TestWith(['60', '-52'])]
    #[TestWith(['70', '-64'])]
    public function test_each_row_of_the_labels_is_read_both_ways(string $share, string $celsius): void
    {
        $table = GlycolTable::byVolume();
        $freezing = Quantity::of($celsius, Unit::Celsius);

        self::assertSame(0, $table->freezingPoint(BigRational::of($share))->compareTo($freezing));
        self::assertTrue($table->share($freezing)->isEqualTo($share));
    }

    /**
     * 30 % by mass is 27.1 L in 100 L at a density of 1.15 and 28.0 at the 1.10 that ASHRAE's pair of 50 % by mass and
     * 47.6 % by volume gives: 30 ÷ 1.10 ÷ (30 ÷ 1.10 + 70) = 28.04 %; 200 L × (50 − 28.04) ÷ (100 − 28.04) = 61.0 L.
     */
    public function test_what_is_exchanged_goes_by_the_volume_of_the_glycol(): void
    {
        $coolant = new CoolantFreezePoint(
            Quantity::of('-37', Unit::Celsius),
            Quantity::of('200', Unit::Litre),
            self::source(),
        );

        $verdict = $coolant->judge(new Observation(Quantity::of('-14.1', Unit::Celsius)));

        self::assertSame(Outcome::Attend, $verdict->outcome);
        self::assertSame(['-14.1 °C : 28 %, -37 °C : 50 %', '61.0 L'], $verdict->working);
    }

    /** Common practice, no source: the plates are covered and the cell does not boil over. */
    public function test_electrolyte_at_its_upper_mark_stands(): void
    {
        $level = new ElectrolyteLevel(self::mm('10'), self::mm('20'), self::source());

        self::assertSame(Outcome::Stands, $level->judge(new Observation(self::mm('20')))->outcome);
        self::assertSame(Outcome::Attend, $level->judge(new Observation(self::mm('20.1')))->outcome);
        self::assertSame(Outcome::Stands, $level->judge(new Observation(self::mm('10')))->outcome);
        self::assertSame(Outcome::Stop, $level->judge(new Observation(self::mm('0')))->outcome);
    }

    /** A governor drops from no load to full load: up to 4 % above nominal. Common practice, no source. */
    public function test_the_frequency_at_no_load_is_written_out_with_its_bounds(): void
    {
        $frequency = new GeneratorFrequency(Quantity::of('50', Unit::Hertz), self::source());

        $verdict = $frequency->judge(new Observation(Quantity::of('52', Unit::Hertz)));

        self::assertSame(Outcome::Stands, $verdict->outcome);
        self::assertSame(['50 ≤ 52 ≤ 52 Hz'], $verdict->working);
    }

    /** Of phases whose verdict weighs the same the one furthest off: 8 V above 230 V, and not 6 V below. */
    public function test_the_phase_furthest_off_is_the_one_that_counts(): void
    {
        $voltage = new GeneratorVoltage(Quantity::of('230', Unit::Volt), self::source(), 3);
        $worst = static fn (string ...$volts): string => $voltage->worst(array_map(
            static fn (string $one): Quantity => Quantity::of($one, Unit::Volt),
            array_values($volts),
        ))->text();

        self::assertSame('238', $worst('224', '238', '230'));
        self::assertSame('221', $worst('221', '238', '230'));
    }

    /** Chains are watched from 2 % and replaced at 3 %. Makers' manuals, from memory, to be confirmed. */
    public function test_a_chain_at_its_limit_is_replaced_and_at_two_per_cent_watched(): void
    {
        $chain = new ChainElongation(self::mm('25.4'), 12, self::source());
        $of = static fn (string $share): Outcome => $chain->judge(
            new Observation(self::mm('25.4')->times(12)->times($share)),
        )->outcome;

        self::assertSame(Outcome::Stands, $of('1.0199'));
        self::assertSame(Outcome::Attend, $of('1.02'));
    }

    public function test_a_figure_for_what_is_only_seen_holds_nothing(): void
    {
        $seen = Condition::seen('level', 'Level', self::source());
        $measured = Condition::measured(
            'warm', 'Warm', self::source(), Unit::Celsius,
            Quantity::of('20', Unit::Celsius), Quantity::of('40', Unit::Celsius),
        );
        $warm = static fn (string $degrees): array => Validity::of([$measured], [
            Observed::measured('warm', Quantity::of($degrees, Unit::Celsius)),
        ])->missing;

        self::assertSame(['level'], Validity::of([$seen], [Observed::measured('level', self::mm('1'))])->missing);
        self::assertSame([], Validity::of([$seen], [Observed::seen('level')])->missing);
        self::assertSame([], Validity::of([$measured], [Observed::seen('warm')])->missing, 'seen to be so');
        self::assertSame(
            ['warm'],
            Validity::of([$measured->thatWantsItsFigure()], [Observed::seen('warm')])->missing,
            'the arithmetic needs the figure',
        );
        self::assertSame([[], [], ['warm'], ['warm']], [$warm('20'), $warm('40'), $warm('19'), $warm('41')]);
    }

    /** (350 + 101.325) × 313.15 ÷ 293.15 − 101.325 = 380.7914 kPa, by Gay-Lussac; 101.325 kPa of air: ISO 2533. */
    public function test_a_warm_tyre_is_reckoned_with_the_air_outside(): void
    {
        $warm = TyrePressure::at(
            Quantity::of('350', Unit::Kilopascal),
            Quantity::of('20', Unit::Celsius),
            Quantity::of('40', Unit::Celsius),
        );

        self::assertSame('380.79140', (string) $warm->decimal(5, RoundingMode::HALF_UP));
    }

    public function test_what_is_read_at_one_point_unless_said_otherwise(): void
    {
        self::assertSame(1, (new GeneratorVoltage(Quantity::of('230', Unit::Volt), self::source()))->points());
        self::assertSame(
            1,
            (new SpecificGravity(Quantity::of('1.225', Unit::SpecificGravity), self::source()))->points(),
        );
    }

    /** Tyres within 5 % of the figure for their load. From memory, to be confirmed: makers' tables. */
    public function test_a_tyre_at_a_twentieth_above_stands_and_more_is_let_off(): void
    {
        $tyre = new TyrePressure(Quantity::of('400', Unit::Kilopascal), self::source());
        $of = static fn (string $kpa): Outcome => $tyre->judge(
            new Observation(Quantity::of($kpa, Unit::Kilopascal)),
        )->outcome;

        self::assertSame(Outcome::Stands, $of('420'));
        self::assertSame(Outcome::Attend, $of('421'));
        self::assertSame(Outcome::Stands, $of('380'));
        self::assertSame(Outcome::Attend, $of('379'));
    }

    /** Thirds of the time that the limit allows; the watch is drawn to whole seconds. */
    public function test_the_watch_of_a_drive_is_drawn_to_whole_seconds(): void
    {
        $drive = new DriveSpeed(
            Quantity::of('3.05', Unit::Metre),
            Quantity::of('0.30', Unit::MetrePerSecond),
            self::source(),
        );

        // 3 × 3.05 m ÷ 0.30 m/s = 30.5 s
        self::assertSame('31', $drive->scale()->high->text());
    }

    /** 35 psi are 241.3 kPa. NIST SP 811, appendix B.8. */
    public function test_a_slip_of_the_unit_is_told_with_one_decimal(): void
    {
        $tyre = new TyrePressure(Quantity::of('240', Unit::Kilopascal), self::source());
        $slip = UnitSlip::suspected($tyre, Quantity::of('35', Unit::Kilopascal));
        self::assertNull($slip, 'a tyre that is flat is not explained away');

        $electrolyte = new ElectrolyteLevel(self::mm('10'), self::mm('30'), self::source());
        $slip = UnitSlip::suspected($electrolyte, self::mm('0.55'));
        self::assertSame(['meant' => '0.55 in', 'ours' => '14 mm'], $slip?->phrase()->figures);
        $slip = UnitSlip::suspected($electrolyte, self::mm('0.7'));
        self::assertSame(['meant' => '0.7 in', 'ours' => '17.8 mm'], $slip?->phrase()->figures);
    }

    /** Grease pushes the idler out: as many strokes as the sag is above the middle, never back. */
    public function test_a_track_that_is_tight_gets_no_stroke_and_one_that_hangs_gets_whole_ones(): void
    {
        $track = new TrackSag(self::mm('40'), self::mm('60'), self::source(), self::mm('4'));

        self::assertSame(0, $track->strokes(self::mm('45')));
        self::assertSame(0, $track->strokes(self::mm('50')));
        self::assertSame(3, $track->strokes(self::mm('61')));
        self::assertSame(0, (new TrackSag(self::mm('40'), self::mm('60'), self::source()))->strokes(self::mm('70')));
    }

    /** Worked by hand after Theil 1950 and Sen 1968: the slopes are 0, 0.5, 1, 2, 2.5 and 5, so the middle is 1.5. */
    public function test_the_slope_of_wear_is_the_middle_of_all_slopes(): void
    {
        $points = self::points([0, 0], [10, 10], [20, 10], [30, 60]);
        $forecast = WearForecast::from($points);

        self::assertSame(0, $forecast?->perThousandHours()->compareTo(self::mm('1500')));
        self::assertNotNull(WearForecast::from(array_slice($points, 0, 3)), 'three are enough');
        self::assertNull(WearForecast::from(array_slice($points, 0, 2)));
    }

    public function test_a_top_up_of_less_than_a_tenth_is_told_in_hundredths_and_rounded_down(): void
    {
        $marks = new LevelMarks(self::mm('0'), self::mm('10'), self::mm('20'), self::mm('30'));
        $words = new LevelWords(self::mm('19'), $marks, new Fluid('oil', Quantity::of('0.056789', Unit::Litre), 10));

        self::assertSame('0.05', $words->topUp()->volume->text());
        self::assertSame('(20 − 19) mm × 0.0568 L/mm = 0.05 L', $words->topUpWorking($words->topUp()));
    }

    public function test_what_is_counted_is_written_beside_what_is_expected(): void
    {
        $count = new CountLimits('keys', 2, self::source());
        $working = static fn (string $counted): array => $count->judge(
            new Observation(Quantity::of($counted, Unit::Piece)),
        )->working;

        self::assertSame([['1 < 2'], ['2 = 2'], ['3 > 2']], [$working('1'), $working('2'), $working('3')]);
    }

    public function test_bands_that_do_not_rise_name_the_one_that_is_wrong(): void
    {
        try {
            Bands::rising(
                Band::upTo(self::mm('20'), Edge::Included, Outcome::Stands, 'one'),
                Band::upTo(self::mm('10'), Edge::Included, Outcome::Attend, 'two'),
                Band::andAbove(Outcome::Stop, 'three'),
            );
            self::fail('They are taken.');
        } catch (BandsOutOfOrder $wrong) {
            self::assertSame('The limits of "one" do not rise at 20 mm.', $wrong->getMessage());
        }
    }

    public function test_what_was_measured_was_not_only_seen(): void
    {
        self::assertTrue(Observed::seen('level')->seen);
        self::assertNull(Observed::seen('level')->measured);
        self::assertFalse(Observed::measured('level', self::mm('1'))->seen);
    }

    /**
     * @param array{int, int} ...$points hours and millimetres
     * @return list<WearPoint>
     */
    private static function points(array ...$points): array
    {
        return array_values(array_map(
            static fn (array $one): WearPoint => new WearPoint(
                Quantity::of($one[0], Unit::Hour),
                self::mm((string) $one[1]),
            ),
            $points,
        ));
    }

    private static function mm(string $value): Quantity
    {
        return Quantity::of($value, Unit::Millimetre);
    }

    private static function source(): Source
    {
        return new Source(SourceKind::CommonPractice, 'common practice, no source');
    }
}
