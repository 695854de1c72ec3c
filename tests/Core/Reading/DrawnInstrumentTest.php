<?php

declare(strict_types=1);

namespace Tests\Core\Reading;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Slope;
use JadeLedger\Core\Quantity\SlopeOutOfRange;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Quantity\UnitsShown;
use JadeLedger\Core\Reading\Drawing;
use JadeLedger\Core\Reading\Fluids\LevelMarks;
use JadeLedger\Core\Reading\Fluids\LevelPosition;
use JadeLedger\Core\Reading\Fluids\Need;
use JadeLedger\Core\Reading\Fluids\TankColumnLimits;
use JadeLedger\Core\Reading\InstrumentKind;
use JadeLedger\Core\Reading\InstrumentRange;
use JadeLedger\Core\Reading\ScaleReading;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\Levels;
use Tests\Support\RealCatalogue;

/** How finely an instrument is drawn and set, and the ends of what it shows. Common practice, no source. */
final class DrawnInstrumentTest extends TestCase
{
    #[TestWith([5, 0, '1'])]
    #[TestWith([5, 1, '0.1'])]
    #[TestWith([6, 2, '0.01'])]
    public function test_an_hour_meter_is_set_by_its_last_drum(int $digits, int $decimals, string $step): void
    {
        $drawing = Drawing::hourMeter($digits, $decimals);

        self::assertSame([$step, $digits, $decimals], [$drawing->step, $drawing->wholeDigits, $drawing->decimals]);
        self::assertSame(InstrumentKind::HourMeter, $drawing->kind);
    }

    public function test_sticks_glasses_and_counters_are_set_by_ones(): void
    {
        self::assertSame('1', Drawing::count('keys', 3)->step);
        self::assertSame(['keys', 3], [Drawing::count('keys', 3)->pieces, Drawing::count('keys', 3)->expected]);
    }

    #[TestWith(['-0.1', false])]
    #[TestWith(['0', true])]
    #[TestWith(['10', true])]
    #[TestWith(['10.1', false])]
    public function test_a_range_holds_its_ends_and_nothing_beyond(string $value, bool $holds): void
    {
        $figure = Quantity::of($value, Unit::Millimetre);
        $low = Quantity::zero(Unit::Millimetre);

        self::assertSame($holds, (new InstrumentRange($low, Quantity::of('10', Unit::Millimetre)))->holds($figure));
        self::assertSame($value !== '-0.1', (new InstrumentRange($low, null))->holds($figure), 'pieces have no end');
    }

    #[TestWith([LevelPosition::NothingToSee, false])]
    #[TestWith([LevelPosition::BelowAdd, false])]
    #[TestWith([LevelPosition::LowerHalf, true])]
    #[TestWith([LevelPosition::UpperHalf, true])]
    #[TestWith([LevelPosition::AboveFull, false])]
    public function test_between_the_marks_is_both_halves(LevelPosition $position, bool $isInBand): void
    {
        self::assertSame($isInBand, $position->isInBand());
    }

    #[TestWith([UnitsShown::Si, false])]
    #[TestWith([UnitsShown::Us, true])]
    #[TestWith([UnitsShown::SiFirst, false])]
    #[TestWith([UnitsShown::UsFirst, true])]
    public function test_who_reads_customary_units_reads_them_first(UnitsShown $shown, bool $reads): void
    {
        self::assertSame($reads, $shown->readsCustomary());
    }

    /** Trigonometry: 45 degrees is 100 percent and one in one. */
    public function test_slopes_agree_and_a_wall_is_none(): void
    {
        self::assertEqualsWithDelta(100.0, Slope::degrees(45.0)->inPercent(), 1e-9);
        self::assertEqualsWithDelta(45.0, Slope::oneIn(1.0)->degrees, 1e-9);
        self::assertEqualsWithDelta(10.0, Slope::oneIn(10.0)->inPercent(), 1e-9);
        self::assertSame(0.0, Slope::degrees(0.0)->degrees);
        self::assertSame(0.0, Slope::percent(0.0)->degrees);
        foreach ([
            static fn () => Slope::degrees(90.0),
            static fn () => Slope::degrees(-0.1),
            static fn () => Slope::percent(-0.1),
            static fn () => Slope::oneIn(0.0),
        ] as $at => $wall) {
            try {
                $wall();
                self::fail("number {$at} was taken");
            } catch (SlopeOutOfRange) {
            }
        }
    }

    /** From where to where it is drawn: a figure that a finger knows does not move by itself. */
    #[TestWith(['ardlow_12s', 'acid', '1.05', '1.33', '0.005'])]
    #[TestWith(['ardlow_12s', 'electrolyte', '0', '20', '1'])]
    #[TestWith(['ardlow_12s', 'lowering', '0', '36', '0.1'])]
    #[TestWith(['ardlow_20b', 'battery', '10.2', '13.8', '0.1'])]
    #[TestWith(['ardlow_20b', 'speed_raised', '0', '30', '0.1'])]
    #[TestWith(['ardlow_20b', 'tilt', '0', '10', '0.1'])]
    #[TestWith(['brennock_a30', 'tyres_front', '0', '600', '5'])]
    #[TestWith(['brennock_a30', 'tread', '0', '60', '0.5'])]
    #[TestWith(['brennock_a30', 'extinguisher', '0', '25.5', '0.5'])]
    #[TestWith(['brennock_a30', 'transmission_display', '0', '100', '5'])]
    #[TestWith(['brennock_g20', 'frequency', '45', '55', '0.1'])]
    #[TestWith(['brennock_g20', 'voltage', '184', '276', '1'])]
    #[TestWith(['brennock_g20', 'residual_current', '0', '500', '1'])]
    #[TestWith(['brennock_g60', 'belt', '0', '30', '1'])]
    #[TestWith(['brennock_g60', 'coolant_freeze', '-60', '0', '1'])]
    #[TestWith(['dromvik_14c', 'track', '0', '120', '1'])]
    #[TestWith(['dromvik_14c', 'bucket_pins', '0', '4.5', '0.1'])]
    #[TestWith(['fenwold_p20', 'fork_heel', '21', '35.7', '0.1'])]
    #[TestWith(['fenwold_s12', 'lift_chain', '314.325', '333.375', '0.1'])]
    #[TestWith(['mossgill_122', 'blade_stop', '0', '15', '0.1'])]
    #[TestWith(['orrick_20e', 'fork_tips', '0', '100', '1'])]
    #[TestWith(['orrick_20e', 'fork_angle', '82', '98', '0.1'])]
    #[TestWith(['tarnhay_t6', 'park_hold', '0', '30', '1'])]
    public function test_a_scale_is_drawn_as_it_always_was(
        string $model,
        string $limit,
        string $low,
        string $high,
        string $step,
    ): void {
        $instrument = RealCatalogue::get()->model($model)->instrument($limit);
        self::assertInstanceOf(ScaleReading::class, $instrument);
        $scale = $instrument->scale();

        self::assertSame([$low, $high, $step], [$scale->low->text(), $scale->high->text(), $scale->step]);
    }

    /** A tank of a few litres is read by tenths, a large one by whole litres; a glass that shows no litres by ones. */
    #[TestWith(['0', '5', '8', '10', '0.1'])]
    #[TestWith(['0', '10', '25', '29.9', '0.1'])]
    #[TestWith(['0', '10', '25', '30', '0.5'])]
    #[TestWith(['0', '10', '50', '59.9', '0.5'])]
    #[TestWith(['0', '10', '50', '60', '1'])]
    public function test_a_tank_is_set_as_finely_as_it_is_large(
        string $lowest,
        string $add,
        string $full,
        string $highest,
        string $step,
    ): void {
        $of = static fn (string $litres): Quantity => Quantity::of($litres, Unit::Litre);
        $marks = new LevelMarks($of($lowest), $of($add), $of($full), $of($highest));

        $tank = new TankColumnLimits($marks, Levels::oil('1'), Need::ForTheHire, Levels::maker());

        self::assertSame($step, $tank->step());
    }

    public function test_a_tube_is_set_by_the_millimetre(): void
    {
        self::assertSame('1', Levels::column(Need::ToRun)->step());
    }
}
