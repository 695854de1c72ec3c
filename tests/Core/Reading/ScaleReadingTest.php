<?php

declare(strict_types=1);

namespace Tests\Core\Reading;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Reading\Band;
use JadeLedger\Core\Reading\Bands;
use JadeLedger\Core\Reading\BandsOutOfOrder;
use JadeLedger\Core\Reading\Drawn;
use JadeLedger\Core\Reading\Edge;
use JadeLedger\Core\Reading\Electrical\BatteryVoltage;
use JadeLedger\Core\Reading\Electrical\ChargeTable;
use JadeLedger\Core\Reading\Electrical\ElectrolyteLevel;
use JadeLedger\Core\Reading\Electrical\GeneratorFrequency;
use JadeLedger\Core\Reading\Electrical\GeneratorVoltage;
use JadeLedger\Core\Reading\Electrical\ResidualCurrentTrip;
use JadeLedger\Core\Reading\Electrical\SpecificGravity;
use JadeLedger\Core\Reading\Motion\BladeStop;
use JadeLedger\Core\Reading\Motion\DriveSpeed;
use JadeLedger\Core\Reading\Observation;
use JadeLedger\Core\Reading\Observed;
use JadeLedger\Core\Reading\ScaleReading;
use JadeLedger\Core\Reading\Tyres\TreadDepth;
use JadeLedger\Core\Reading\Tyres\TyrePressure;
use JadeLedger\Core\Reading\UnitSlip;
use JadeLedger\Core\Reading\Wear\ChainElongation;
use JadeLedger\Core\Reading\Wear\ForkAngle;
use JadeLedger\Core\Reading\Wear\ForkHeel;
use JadeLedger\Core\Reading\Wear\ForkTips;
use JadeLedger\Core\Reading\Wear\TrackSag;
use JadeLedger\Core\Reading\Wear\WearForecast;
use JadeLedger\Core\Reading\Wear\WearPoint;
use JadeLedger\Core\Source\Source;
use JadeLedger\Core\Source\SourceKind;
use JadeLedger\Core\Verdict\Outcome;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ScaleReadingTest extends TestCase
{
    /** @return iterable<string, array{ScaleReading, list<array{string, Outcome, string}>}> */
    public static function edges(): iterable
    {
        $source = new Source(SourceKind::CommonPractice, 'common practice, no source');
        yield 'ISO 5057: 90 % is withdrawn' => [
            new ForkHeel(self::mm('40'), $source),
            [
                ['36.0', Outcome::Stop, 'fork_heel.worn'],
                ['36.1', Outcome::Stands, 'fork_heel.left'],
                ['40', Outcome::Stands, 'fork_heel.left'],
            ],
        ];
        yield 'ISO 5057: 3 % of the blade is still level' => [
            new ForkTips(self::mm('1000'), $source),
            [['30', Outcome::Stands, 'fork_tips.level'], ['31', Outcome::Stop, 'fork_tips.apart']],
        ];
        yield 'ISO 5057: 3° either way' => [
            new ForkAngle(self::of('90', Unit::Degree), $source),
            [
                ['86.9', Outcome::Stop, 'fork_angle.bent'],
                ['87', Outcome::Stands, 'fork_angle.square'],
                ['93', Outcome::Stands, 'fork_angle.square'],
                ['93.1', Outcome::Stop, 'fork_angle.bent'],
            ],
        ];
        yield 'chain trade practice: 2 % watched, 3 % replaced' => [
            new ChainElongation(self::mm('12.7'), 24, $source),
            [
                ['310.8', Outcome::Stands, 'chain.sound'],
                ['310.9', Outcome::Attend, 'chain.watched'],
                ['314', Outcome::Stop, 'chain.stretched'],
            ],
        ];
        yield '29 CFR 1910.177(f): 80 % is let down' => [
            new TyrePressure(self::of('400', Unit::Kilopascal), $source),
            [
                ['320', Outcome::Stop, 'tyre.flat'],
                ['325', Outcome::Attend, 'tyre.low'],
                ['380', Outcome::Stands, 'tyre.right'],
                ['420', Outcome::Stands, 'tyre.right'],
                ['425', Outcome::Attend, 'tyre.high'],
            ],
        ];
        yield 'UK C&U reg. 27: 1.6 mm' => [
            new TreadDepth(self::mm('1.6'), $source),
            [['1.5', Outcome::Attend, 'tread.worn'], ['1.6', Outcome::Stands, 'tread.enough']],
        ];
        yield 'the band of the manual' => [
            new TrackSag(self::mm('30'), self::mm('60'), $source),
            [
                ['29', Outcome::Attend, 'track.tight'],
                ['30', Outcome::Stands, 'track.right'],
                ['60', Outcome::Stands, 'track.right'],
                ['61', Outcome::Attend, 'track.slack'],
            ],
        ];
        yield 'common practice: 12.0 V flat, 12.4 V charged on' => [
            new BatteryVoltage(self::of('12', Unit::Volt), $source),
            [
                ['12.0', Outcome::Attend, 'battery.flat'],
                ['12.3', Outcome::Attend, 'battery.low'],
                ['12.4', Outcome::Stands, 'battery.charged'],
                ['13.2', Outcome::Stands, 'battery.charged'],
                ['13.21', Outcome::Open, 'battery.not_at_rest'],
            ],
        ];
        yield 'common practice: twice that for 24 V' => [
            new BatteryVoltage(self::of('24', Unit::Volt), $source),
            [
                ['24.0', Outcome::Attend, 'battery.flat'],
                ['24.7', Outcome::Attend, 'battery.low'],
                ['24.8', Outcome::Stands, 'battery.charged'],
            ],
        ];
        yield 'common practice: recharged under 1.225' => [
            new SpecificGravity(self::of('1.225', Unit::SpecificGravity), $source),
            [
                ['1.220', Outcome::Attend, 'gravity.low'],
                ['1.225', Outcome::Stands, 'gravity.charged'],
                ['1.305', Outcome::Attend, 'gravity.too_high'],
            ],
        ];
        yield 'common practice: plates covered, 6 to 10 mm' => [
            new ElectrolyteLevel(self::mm('6'), self::mm('10'), $source),
            [
                ['0', Outcome::Stop, 'electrolyte.bare'],
                ['5', Outcome::Attend, 'electrolyte.low'],
                ['6', Outcome::Stands, 'electrolyte.right'],
                ['11', Outcome::Attend, 'electrolyte.high'],
            ],
        ];
        yield '16 CFR 1205.5: 3 s where it is walked behind' => [
            BladeStop::walkedBehind($source),
            [['3', Outcome::Stands, 'blade.stops'], ['3.1', Outcome::Stop, 'blade.runs_on']],
        ];
        yield 'ISO 5395-3, from memory, to be confirmed: 5 s where it is ridden' => [
            BladeStop::ridden($source),
            [['5', Outcome::Stands, 'blade.stops'], ['5.1', Outcome::Stop, 'blade.runs_on']],
        ];
        yield 'maker\'s plate: 3 m in 10 s at 0.30 m/s' => [
            new DriveSpeed(self::of('3', Unit::Metre), self::of('0.30', Unit::MetrePerSecond), $source),
            [['9.9', Outcome::Stop, 'speed.too_fast'], ['10', Outcome::Stands, 'speed.slow_enough']],
        ];
        yield 'maker\'s plate: 3 m in 16.7 s at 0.18 m/s' => [
            new DriveSpeed(self::of('3', Unit::Metre), self::of('0.18', Unit::MetrePerSecond), $source),
            [['16.6', Outcome::Stop, 'speed.too_fast'], ['16.7', Outcome::Stands, 'speed.slow_enough']],
        ];
        yield 'ISO 5395-3, from memory, to be confirmed: 5 s' => [
            new BladeStop(self::of('5', Unit::Second), $source),
            [['5.0', Outcome::Stands, 'blade.stops'], ['5.1', Outcome::Stop, 'blade.runs_on']],
        ];
        yield 'common practice: 50.0 to 52.0 Hz' => [
            new GeneratorFrequency(self::of('50', Unit::Hertz), $source),
            [
                ['49.9', Outcome::Attend, 'frequency.low'],
                ['50', Outcome::Stands, 'frequency.right'],
                ['52', Outcome::Stands, 'frequency.right'],
                ['52.1', Outcome::Attend, 'frequency.high'],
            ],
        ];
        yield 'common practice: 5 % about 400 V' => [
            new GeneratorVoltage(self::of('400', Unit::Volt), $source),
            [
                ['379', Outcome::Attend, 'voltage.low'],
                ['380', Outcome::Stands, 'voltage.right'],
                ['420', Outcome::Stands, 'voltage.right'],
                ['421', Outcome::Stop, 'voltage.high'],
            ],
        ];
        yield 'IEC 61008-1: 300 ms' => [
            new ResidualCurrentTrip(self::of('30', Unit::Milliampere), $source),
            [['300', Outcome::Stands, 'residual.trips'], ['301', Outcome::Stop, 'residual.too_slow']],
        ];
    }

    /** @param  list<array{string, Outcome, string}>  $cases */
    #[DataProvider('edges')]
    public function test_at_the_edge_of_each_band_the_figure_falls_on_the_side_that_the_source_says(
        ScaleReading $reading,
        array $cases,
    ): void {
        foreach ($cases as [$value, $outcome, $says]) {
            $verdict = $reading->judge(new Observation(self::of($value, $reading->scale()->low->unit)));
            self::assertSame([$outcome, $says], [$verdict->outcome, $verdict->reason->key], $value);
            self::assertSame('common practice, no source', $verdict->source->words);
        }
    }

    /**
     * A law: what is drawn on the instrument is what is judged, wherever the pointer stands.
     *
     * @param list<array{string, Outcome, string}> $cases
     */
    #[DataProvider('edges')]
    public function test_the_bands_that_are_drawn_are_the_bands_that_judge(ScaleReading $reading, array $cases): void
    {
        $scale = $reading->scale();
        $steps = (int) $scale->high
            ->minus($scale->low)
            ->ratioTo(Quantity::of($scale->step, $scale->low->unit))
            ->toScale(0, \Brick\Math\RoundingMode::DOWN)
            ->toInt();
        self::assertGreaterThan(5, $steps, 'an instrument with too few steps to read');
        // A watch at nought did not run: that is no figure.
        for ($at = $scale->drawn === Drawn::Watch ? 1 : 0; $at <= $steps; $at += max(1, intdiv($steps, 120))) {
            $value = $scale->low->plus(Quantity::of($scale->step, $scale->low->unit)->times($at));
            $verdict = $reading->judge(new Observation($value));
            $band = $reading->bands()->of($value);
            self::assertSame([$band->outcome, $band->says], [$verdict->outcome, $verdict->reason->key], $value->text());
            self::assertSame(
                $verdict->outcome !== Outcome::Stands,
                $verdict->act !== null,
                'what is not in order says what to do',
            );
        }
        foreach ($reading->bands()->all as $band) {
            self::assertTrue(
                $band->upTo === null ||
                    ($band->upTo->compareTo($scale->low) >= 0 && $band->upTo->isLessThan($scale->high)),
                "{$band->says} ends off the scale",
            );
        }
    }

    /** 50 mm new, 1 mm in 1,000 h, withdrawn at 45 mm: 2,000 h are left at 47 mm. Statics of a straight line. */
    public function test_the_hours_to_the_end_of_the_band_follow_from_the_readings_and_one_slip_does_not_move_them(): void
    {
        $fork = new ForkHeel(self::mm('50'), new Source(SourceKind::Published, 'ISO 5057'));
        $points = static fn (string ...$values): array => array_map(
            static fn (int $at, string $value): WearPoint => new WearPoint(
                self::of((string) ($at * 1000), Unit::Hour),
                self::mm($value),
            ),
            array_keys($values),
            $values,
        );
        $left = static fn (array $points): ?string => WearForecast::from($points)
            ?->hoursToTheEnd($fork->bands(), end($points)->value, end($points)->hours)
            ?->text();

        self::assertSame('2000', $left($points('50', '49', '48', '47')));
        self::assertEqualsWithDelta(
            19_000,
            (float) $left($points('50', '49.8', '49.6', '41', '49.2', '49', '48.8')),
            1_000,
            'one reading of seven that slipped does not carry it away',
        );
        self::assertNull($left($points('50', '49')), 'two are too few');
        self::assertNull($left($points('48', '48', '48')), 'it does not wear');
        self::assertNull(
            $left($points('47', '48', '49')),
            'what grows does not come to the lower end, and there is no upper one',
        );
    }

    /** Factors of NIST SP 811: an inch is 25.4 mm; 51 psi are 351.6 kPa. */
    public function test_a_figure_in_another_unit_is_noticed_by_its_factor_and_offered(): void
    {
        $tyre = new TyrePressure(self::of('350', Unit::Kilopascal), new Source(SourceKind::Maker, 'plate'));
        $slip = static fn (string $value): array => UnitSlip::suspected(
            $tyre,
            self::of($value, Unit::Kilopascal),
        )?->phrase()->figures ?? [];

        $track = new TrackSag(self::mm('30'), self::mm('60'), new Source(SourceKind::Maker, 'plate'));
        self::assertSame(
            ['meant' => '2 in', 'ours' => '50.8 mm'],
            UnitSlip::suspected($track, self::mm('2'))?->phrase()->figures,
        );
        self::assertSame([], $slip('51'), 'what stops the machine is not explained away');
        self::assertSame([], $slip('350'), 'it stands as it is');
        self::assertSame([], $slip('330'), 'no unit makes that right');
        $blade = BladeStop::ridden(new Source(SourceKind::Published, 'ISO 5395-3'));
        self::assertSame(
            [],
            array_filter(
                array_map(
                    static fn (int $tenths): mixed => UnitSlip::suspected(
                        $blade,
                        self::of((string) ($tenths / 10), Unit::Second),
                    ),
                    range(51, 150),
                ),
            ),
            'a watch shows seconds',
        );
        self::assertSame(
            [],
            array_filter(
                array_map(
                    static fn (int $mm): mixed => UnitSlip::suspected(
                        new TrackSag(self::mm('30'), self::mm('60'), new Source(SourceKind::Maker, 'plate')),
                        self::mm((string) $mm),
                    ),
                    range(3, 90),
                ),
            ),
            'three inches of slack and more are no slip of one',
        );
    }

    /** Gay-Lussac's law: a hot tyre reads higher with the same air; a plate of 400 kPa at 20 °C is 468 kPa at 60 °C. */
    public function test_a_hot_tyre_is_judged_by_what_the_plate_would_read_when_hot(): void
    {
        $tyre = new TyrePressure(self::of('400', Unit::Kilopascal), new Source(SourceKind::Maker, 'plate'));
        $hot = static fn (string $value): Outcome => $tyre->judge(
            new Observation(self::of($value, Unit::Kilopascal), [
                Observed::measured(TyrePressure::TEMPERATURE, self::of('60', Unit::Celsius)),
            ]),
        )->outcome;

        self::assertSame(
            '468.405',
            TyrePressure::at(
                self::of('400', Unit::Kilopascal),
                self::of('20', Unit::Celsius),
                self::of('60', Unit::Celsius),
            )->text(),
        );
        self::assertSame([Outcome::Attend, Outcome::Stands], [$hot('400'), $hot('465')]);
    }

    /** Battery handbooks: 0.004 for each 10 °F; warm acid reads too low. */
    public function test_warm_acid_is_carried_back_to_the_temperature_of_the_hydrometer(): void
    {
        $cell = new SpecificGravity(self::of('1.225', Unit::SpecificGravity), new Source(SourceKind::Maker, 'plate'));
        $warm = $cell->judge(
            new Observation(self::of('1.220', Unit::SpecificGravity), [
                Observed::measured(SpecificGravity::TEMPERATURE, self::of('40', Unit::Celsius)),
            ]),
        );

        self::assertSame(Outcome::Stands, $warm->outcome);
        self::assertStringContainsString('1.220 at 40 °C = 1.230', $warm->working[0]);
    }

    /** A law: a higher voltage or a heavier acid is never less charge, and charge stays within 0 and 100 %. */
    public function test_charge_rises_with_voltage_and_gravity(): void
    {
        foreach ([ChargeTable::starting(), ChargeTable::deepCycle()] as $table) {
            $before = [-1.0, -1.0];
            for ($step = 0; $step <= 300; $step++) {
                $charge = [
                    $table->fromVoltage(self::of((string) (11 + $step / 100), Unit::Volt))->toFloat(),
                    $table->fromGravity(self::of((string) (1.05 + $step / 1000), Unit::SpecificGravity))->toFloat(),
                ];
                foreach ($charge as $at => $percent) {
                    self::assertGreaterThanOrEqual($before[$at], $percent);
                    self::assertGreaterThanOrEqual(0.0, $percent);
                    self::assertLessThanOrEqual(100.0, $percent);
                }
                $before = $charge;
            }
        }
    }

    public function test_bands_that_do_not_rise_or_do_not_end_open_are_refused(): void
    {
        $this->expectException(BandsOutOfOrder::class);

        Bands::rising(
            Band::upTo(self::mm('5'), Edge::Included, Outcome::Stands, 'a'),
            Band::upTo(self::mm('4'), Edge::Included, Outcome::Attend, 'b'),
            Band::andAbove(Outcome::Stop, 'c'),
        );
    }

    private static function mm(string $value): Quantity
    {
        return self::of($value, Unit::Millimetre);
    }

    private static function of(string $value, Unit $unit): Quantity
    {
        return Quantity::of($value, $unit);
    }
}
