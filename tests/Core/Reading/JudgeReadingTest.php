<?php

declare(strict_types=1);

namespace Tests\Core\Reading;

use JadeLedger\Core\Catalogue\Catalogue;
use JadeLedger\Core\Meter\MeterHistory;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Reading\Fluids\Face;
use JadeLedger\Core\Reading\JudgeLook;
use JadeLedger\Core\Reading\LookAnswer;
use JadeLedger\Core\Reading\Observation;
use JadeLedger\Core\Reading\Observed;
use JadeLedger\Core\Reading\Tyres\TyrePressure;
use JadeLedger\Core\Reading\Wear\TrackSag;
use JadeLedger\Core\Source\Source;
use JadeLedger\Core\Source\SourceKind;
use JadeLedger\Core\Verdict\Outcome;
use JadeLedger\Core\Walk\Judgement;
use JadeLedger\Core\Walk\JudgeReading;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\Levels;
use Tests\Support\RealCatalogue;

/** When a reading means anything: common practice, no source. */
final class JudgeReadingTest extends TestCase
{
    private Catalogue $catalogue;

    protected function setUp(): void
    {
        $this->catalogue = RealCatalogue::get();
    }

    public function test_a_reading_with_everything_held_is_judged(): void
    {
        $judgement = $this->glass('30', 'cold_isolated', $this->allHeld());

        self::assertTrue($judgement->isValid);
        self::assertSame(Outcome::Stands, $judgement->verdict->outcome);
    }

    public function test_a_reading_taken_with_the_engine_running_is_posted_as_not_valid_and_stays_open(): void
    {
        $judgement = $this->glass('30', 'running', $this->allHeld());

        self::assertFalse($judgement->isValid);
        self::assertSame(Outcome::Open, $judgement->verdict->outcome);
        self::assertSame('reading.wrong_state', $judgement->verdict->reason->key);
    }

    public function test_a_condition_that_nobody_looked_at_is_not_held(): void
    {
        $judgement = $this->glass('30', 'cold_isolated', array_slice($this->allHeld(), 0, 3));

        self::assertFalse($judgement->isValid);
        self::assertSame(['oil_20_to_40'], $judgement->validity?->missing);
    }

    #[TestWith(['2', true], 'two degrees are within two degrees')]
    #[TestWith(['2.1', false], 'more are not')]
    public function test_the_slope_is_held_to_its_limit(string $degrees, bool $valid): void
    {
        $held = [
            Observed::measured('level_ground', Quantity::of($degrees, Unit::Degree)),
            ...array_slice($this->allHeld(), 1),
        ];

        self::assertSame($valid, $this->glass('30', 'cold_isolated', $held)->isValid);
    }

    /**
     * Oil in frost or after a hot day: read again later, and no deadlock whose only way out is a false figure. Common
     * practice, no source.
     */
    #[TestWith(['5', '30', '0', true], 'in frost')]
    #[TestWith(['41', '30', '0', true], 'too warm')]
    #[TestWith(['5', '0', '0', false], 'nothing to see on the glass is not cold oil')]
    #[TestWith(['5', '30', '5', false], 'the machine stands on a slope: that can be put right now')]
    public function test_oil_that_is_not_at_its_temperature_is_read_later(
        string $celsius,
        string $level,
        string $slope,
        bool $later,
    ): void {
        $held = [
            Observed::measured('level_ground', Quantity::of($slope, Unit::Degree)),
            Observed::seen('arm_upright'),
            Observed::measured('engine_off_5_min', Quantity::of('12', Unit::Minute)),
            Observed::measured('oil_20_to_40', Quantity::of($celsius, Unit::Celsius)),
        ];
        $judgement = $this->glass($level, 'cold_isolated', $held);

        self::assertFalse($judgement->isValid);
        self::assertSame(Outcome::Open, $judgement->verdict->outcome);
        self::assertSame($later, $judgement->mayBeReadLater);
    }

    public function test_oil_that_nobody_measured_is_not_oil_in_frost(): void
    {
        $judgement = $this->glass('30', 'cold_isolated', array_slice($this->allHeld(), 0, 3));

        self::assertSame(['oil_20_to_40'], $judgement->validity?->missing);
        self::assertFalse($judgement->mayBeReadLater);
    }

    public function test_oil_that_looks_cloudy_is_attended_to_however_high_it_stands(): void
    {
        $judgement = $this->glass('30', 'cold_isolated', $this->allHeld(), 'cloudy');

        self::assertSame(Outcome::Attend, $judgement->verdict->outcome);
        self::assertSame('reading.looks_cloudy', $judgement->verdict->reason->key);
    }

    #[TestWith([null], 'nobody said how it looks')]
    #[TestWith(['clear'], 'as it should be')]
    public function test_oil_that_is_clear_or_of_which_nothing_is_said_stands_by_its_height(?string $look): void
    {
        $high = $this->glass('30', 'cold_isolated', $this->allHeld(), $look);
        $low = $this->glass('18', 'cold_isolated', $this->allHeld(), $look);

        self::assertSame(Outcome::Stands, $high->verdict->outcome);
        self::assertSame(Outcome::Attend, $low->verdict->outcome);
        self::assertSame('glass.below_add', $low->verdict->reason->key);
    }

    /** 51 psi are 351.6 kPa: NIST SP 811. What stands, and what is no gauge, is never taken for another unit. */
    #[TestWith(['51', Unit::PoundForcePerSquareInch, false], 'right, in another unit of the gauge')]
    #[TestWith(['2', Unit::Millimetre, true], 'two inches of slack, typed as millimetres')]
    #[TestWith(['45', Unit::Millimetre, false], 'it stands')]
    public function test_a_figure_that_was_typed_in_another_unit_is_said_with_the_verdict(
        string $typed,
        Unit $unit,
        bool $slipped,
    ): void {
        $source = new Source(SourceKind::Maker, 'plate');
        $instrument = $unit === Unit::Millimetre
            ? new TrackSag(Quantity::of('30', $unit), Quantity::of('60', $unit), $source)
            : new TyrePressure(Quantity::of('350', Unit::Kilopascal), $source);
        $check = $this->catalogue->check('hyd-level-glass');
        $judgement = (new JudgeReading($check, $instrument, []))->judge(
            new Observation(Quantity::of($typed, $unit), []),
            $this->catalogue->stage('cold_isolated'),
            MeterHistory::none(),
        );

        self::assertSame($slipped, $judgement->verdict->act?->key === 'reading.unit_slip');
    }

    public function test_the_hot_side_of_a_dipstick_means_nothing_on_a_cold_engine(): void
    {
        $check = $this->catalogue->check('eng-oil-stick');
        $stage = $this->catalogue->stage('cold_isolated');
        $conditions = array_map($this->catalogue->condition(...), $check->conditions);
        $held = [
            Observed::measured('level_ground', Quantity::of('0', Unit::Degree)),
            Observed::measured('engine_off_10_min', Quantity::of('30', Unit::Minute)),
            Observed::seen('wiped_twice'),
        ];
        $judge = new JudgeReading($check, Levels::dipstick(), $conditions);

        self::assertFalse(
            $judge->judge(new Observation(Levels::mm('10'), $held, Face::Hot), $stage, MeterHistory::none())->isValid,
        );
        self::assertTrue(
            $judge->judge(new Observation(Levels::mm('10'), $held, Face::Cold), $stage, MeterHistory::none())->isValid,
        );
    }

    #[TestWith(['saf-guards', Outcome::Stop], 'a stop check')]
    #[TestWith(['cab-floor', Outcome::Attend], 'a hold check')]
    public function test_what_is_amiss_weighs_as_much_as_its_check(string $check, Outcome $outcome): void
    {
        self::assertSame(
            $outcome,
            (new JudgeLook())->judge($this->catalogue->check($check), LookAnswer::Amiss)->outcome,
        );
        self::assertSame(
            Outcome::Open,
            (new JudgeLook())->judge($this->catalogue->check($check), LookAnswer::CannotTell)->outcome,
        );
        self::assertSame(
            Outcome::Stands,
            (new JudgeLook())->judge($this->catalogue->check($check), LookAnswer::AsItShouldBe)->outcome,
        );
    }

    /** @param  list<Observed>  $held */
    private function glass(string $level, string $present, array $held, ?string $look = null): Judgement
    {
        $check = $this->catalogue->check('hyd-level-glass');
        $conditions = array_map($this->catalogue->condition(...), $check->conditions);

        return (new JudgeReading($check, Levels::glass(), $conditions))->judge(
            new Observation(Levels::mm($level), $held, null, $look),
            $this->catalogue->stage($present),
            MeterHistory::none(),
        );
    }

    /** @return list<Observed> */
    private function allHeld(): array
    {
        return [
            Observed::measured('level_ground', Quantity::of('0.6', Unit::Degree)),
            Observed::seen('arm_upright'),
            Observed::measured('engine_off_5_min', Quantity::of('12', Unit::Minute)),
            Observed::measured('oil_20_to_40', Quantity::of('27', Unit::Celsius)),
        ];
    }
}
