<?php

declare(strict_types=1);

namespace Tests\Core\Reading;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Reading\Electrical\ChargeTable;
use JadeLedger\Core\Reading\Electrical\ResidualCurrentTrip;
use JadeLedger\Core\Reading\Electrical\SpecificGravity;
use JadeLedger\Core\Reading\Fluids\CoolantFreezePoint;
use JadeLedger\Core\Reading\Fluids\GlycolTable;
use JadeLedger\Core\Reading\Motion\BladeStop;
use JadeLedger\Core\Reading\Observation;
use JadeLedger\Core\Reading\ScaleReading;
use JadeLedger\Core\Reading\Tyres\RoadTread;
use JadeLedger\Core\Reading\Tyres\TreadDepth;
use JadeLedger\Core\Reading\Tyres\TyrePressure;
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
use Tests\Support\PublishedValues;

/** Every published example whose function the core has; the source stands in the name of each data set. */
final class PublishedReadingsTest extends TestCase
{
    /** Examples of claimed functions that the core does not compute, and why. */
    private const UNCLAIMED = [
        'S-110.5' => 'straightness is no reading of the product',
        'S-366.1' => 'a yard tests at the rated current', 'S-366.2' => 'a yard tests at the rated current',
        'S-366.6' => 'a yard tests at the rated current',
    ];

    /** What an entry publishes beside the form that the core keeps. */
    private const OTHER_FORMS = ['intercept_residual_form' => true, 'pairs' => true];

    /** @return array<string, callable(array<string, mixed>): (array<string, mixed>|null)> by function; nothing when the core does not claim these inputs */
    private static function claims(): array
    {
        return [
            'fork_wear' => static function (array $in): array {
                $heel = new ForkHeel(self::of($in['original_mm'], Unit::Millimetre), self::source());
                $left = $heel->left(self::of($in['measured_mm'], Unit::Millimetre));

                return [
                    'limit_mm' => $heel->limit()->decimal(6, RoundingMode::HALF_UP)->toFloat(),
                    'ratio' => $left->toFloat(),
                    'withdraw' => self::stops($heel, $in['measured_mm'], Unit::Millimetre),
                    'strength_ratio' => $left->multipliedBy($left)->toFloat(),
                ];
            },
            'fork_tip_difference' => static function (array $in): array {
                $tips = new ForkTips(self::of($in['blade_length_mm'], Unit::Millimetre), self::source());

                return [
                    'limit_mm' => $tips->limit()->decimal(6, RoundingMode::HALF_UP)->toFloat(),
                    'withdraw' => self::stops($tips, $in['difference_mm'], Unit::Millimetre),
                ];
            },
            'fork_angle' => static function (array $in): array {
                $angle = new ForkAngle(self::of($in['original_deg'], Unit::Degree), self::source());

                return [
                    'deviation_deg' => $angle
                        ->deviation(self::of($in['measured_deg'], Unit::Degree))
                        ->decimal(6, RoundingMode::HALF_UP)
                        ->toFloat(),
                    'withdraw' => self::stops($angle, $in['measured_deg'], Unit::Degree),
                ];
            },
            'chain_elongation' => static function (array $in): array {
                $chain = new ChainElongation(
                    self::of($in['pitch_mm'], Unit::Millimetre),
                    $in['pitches'],
                    self::source(),
                );

                return [
                    'new_mm' => $chain->newLength()->decimal(6, RoundingMode::HALF_UP)->toFloat(),
                    'elongation_percent' => $chain
                        ->elongation(self::of($in['measured_mm'], Unit::Millimetre))
                        ->toFloat(),
                    'limit_mm' => $chain->limit()->decimal(6, RoundingMode::HALF_UP)->toFloat(),
                    'replace' => self::stops($chain, $in['measured_mm'], Unit::Millimetre),
                ];
            },
            'tyre_pressure_at' => static fn (array $in): array => [
                'gauge_kPa' => TyrePressure::at(
                    self::of($in['gauge_kPa'], Unit::Kilopascal),
                    self::of($in['from_C'], Unit::Celsius),
                    self::of($in['to_C'], Unit::Celsius),
                )
                    ->decimal(6, RoundingMode::HALF_UP)
                    ->toFloat(),
            ],
            'tyre_underinflated' => static fn (array $in): array => [
                'ratio' => TyrePressure::share(
                    self::of($in['measured'], Unit::Kilopascal),
                    self::of($in['recommended'], Unit::Kilopascal),
                )->toFloat(),
                'deflate_and_inspect' => self::stops(
                    new TyrePressure(self::of($in['recommended'], Unit::Kilopascal), self::source()),
                    $in['measured'],
                    Unit::Kilopascal,
                ),
            ],
            'tread_ok' => static fn (array $in): array => [
                'ok' => self::outcome(
                    new TreadDepth(RoadTread::from($in['regime'])->least(), self::source()),
                    $in['depth_mm'],
                    Unit::Millimetre,
                ) === Outcome::Stands,
            ],
            'sag_verdict' => static function (array $in): array {
                $verdict = (new TrackSag(
                    self::of($in['min_mm'], Unit::Millimetre),
                    self::of($in['max_mm'], Unit::Millimetre),
                    self::source(),
                ))->judge(new Observation(self::of($in['reading_mm'], Unit::Millimetre)));

                return [
                    'verdict' => ['track.tight' => 'tight', 'track.right' => 'ok', 'track.slack' => 'loose'][
                        $verdict->reason->key
                    ],
                ];
            },
            'soc_from_sg' => static fn (array $in): array => [
                'soc_percent' => self::charge(ChargeTable::starting(), $in),
            ],
            'deep_cycle_soc' => static fn (array $in): array => [
                'soc_percent' => self::charge(ChargeTable::deepCycle(), $in),
            ],
            'sg_corrected' => static function (array $in): ?array {
                if (! isset($in['temp_F'])) {
                    return [
                        'sg80' => SpecificGravity::corrected(
                            self::of($in['reading'], Unit::SpecificGravity),
                            self::of($in['temp_C'], Unit::Celsius),
                        )
                            ->decimal(6, RoundingMode::HALF_UP)
                            ->toFloat(),
                    ];
                }

                return [
                    'sg80' => SpecificGravity::corrected(
                        self::of($in['reading'], Unit::SpecificGravity),
                        self::of($in['temp_F'], Unit::Fahrenheit),
                    )
                        ->decimal(6, RoundingMode::HALF_UP)
                        ->toFloat(),
                ];
            },
            'eg_volume_freeze_c' => static fn (array $in): array => [
                'freeze_c' => GlycolTable::byVolume()
                    ->freezingPoint(BigRational::of((string) $in['volume_percent']))
                    ->decimal(6, RoundingMode::HALF_UP)
                    ->toFloat(),
            ],
            'eg_mass_freeze_c' => static fn (array $in): array => [
                'freeze_c' => GlycolTable::byMass()
                    ->freezingPoint(BigRational::of((string) $in['mass_percent']))
                    ->decimal(6, RoundingMode::HALF_UP)
                    ->toFloat(),
            ],
            'coolant_exchange_l' => static fn (array $in): ?array => [
                'drain_and_refill_l' => CoolantFreezePoint::exchange(
                    self::of($in['system_l'], Unit::Litre),
                    BigRational::of((string) $in['have_percent']),
                    BigRational::of((string) $in['want_percent']),
                    isset($in['concentrate_percent']) ? BigRational::of((string) $in['concentrate_percent']) : null,
                )->decimal(8, RoundingMode::HALF_UP)->toFloat(),
            ],
            'theil_sen' => static function (array $in): array {
                $forecast = WearForecast::from(
                    array_map(
                        static fn (int|float $hours, int|float $value): WearPoint => new WearPoint(
                            self::of($hours, Unit::Hour),
                            self::of($value, Unit::Millimetre),
                        ),
                        $in['x'],
                        $in['y'],
                    ),
                );

                // The residual form of the intercept and the count of pairs are those of other libraries; only one form
                // is kept here.
                return [
                    'slope' => $forecast?->slope->toFloat(),
                    'intercept_median_form' => $forecast?->start->toFloat(),
                ];
            },
            'blade_stop_ok' => static fn (array $in): array => [
                'ok' => ! self::stops(
                    $in['kind'] === 'riding'
                        ? BladeStop::ridden(self::source())
                        : BladeStop::walkedBehind(self::source()),
                    $in['seconds'],
                    Unit::Second,
                ),
            ],
            'rcd_ok' => static function (array $in): ?array {
                if ($in['test_multiple'] !== 1 || ($in['type'] ?? 'general') !== 'general' || $in['trip_ms'] === null) {
                    return null;
                }
                $trip = new ResidualCurrentTrip(self::of($in['rated_mA'], Unit::Milliampere), self::source());

                return [
                    'limit_ms' => ResidualCurrentTrip::most()->decimal(0, RoundingMode::HALF_UP)->toInt(),
                    'ok' => ! self::stops($trip, $in['trip_ms'], Unit::Millisecond),
                ];
            },
        ];
    }

    /** @return list<string> functions whose examples are checked here */
    public static function functions(): array
    {
        return array_keys(self::claims());
    }

    /** @return iterable<string, array{string, array<string, mixed>, array<string, mixed>, array<string, mixed>}> */
    public static function examples(): iterable
    {
        foreach (PublishedValues::entries() as $entry) {
            $fn = explode(' | ', (string) $entry['fn'])[0];
            foreach (isset(self::claims()[$fn]) ? $entry['examples'] : [] as $example) {
                if (isset(self::UNCLAIMED[$example['id']])) {
                    continue;
                }
                yield "{$example['id']}: {$entry['source']}" => [
                    $fn,
                    $example['inputs'],
                    $example['expected'],
                    $entry['tolerance'],
                ];
            }
        }
    }

    /**
     * @param array<string, mixed> $inputs
     * @param array<string, mixed> $expected
     * @param array<string, mixed> $tolerance
     */
    #[DataProvider('examples')]
    public function test_the_core_comes_to_the_published_value(
        string $fn,
        array $inputs,
        array $expected,
        array $tolerance,
    ): void {
        $computed = self::claims()[$fn]($inputs);
        self::assertNotNull($computed, "{$fn} is claimed and computes nothing.");
        foreach (array_diff_key($expected, self::OTHER_FORMS) as $name => $value) {
            self::assertArrayHasKey($name, $computed, $fn);
            is_float($value) || (is_int($value) && is_float($computed[$name]))
                ? self::assertEqualsWithDelta(
                    $value,
                    $computed[$name],
                    $tolerance['type'] === 'abs'
                        ? $tolerance['value']
                        : ($tolerance['type'] === 'rel' ? $tolerance['value'] : 1e-9) * abs($value),
                    $name,
                )
                : self::assertSame($value, $computed[$name], $name);
        }
    }

    public function test_every_claimed_function_has_published_examples(): void
    {
        $published = array_unique(
            array_map(
                static fn (array $entry): string => explode(' | ', (string) $entry['fn'])[0],
                PublishedValues::entries(),
            ),
        );

        self::assertSame([], array_diff(array_keys(self::claims()), $published));
        $ids = array_merge(
            ...array_map(
                static fn (array $entry): array => array_column($entry['examples'], 'id'),
                PublishedValues::entries(),
            ),
        );
        self::assertSame([], array_diff(array_keys(self::UNCLAIMED), $ids), 'what is not claimed is published');
        self::assertGreaterThan(40, iterator_count((static fn (): iterable => yield from self::examples())()));
    }

    /** @param  array<string, mixed>  $in */
    private static function charge(ChargeTable $table, array $in): float
    {
        return isset($in['sg'])
            ? $table->fromGravity(self::of($in['sg'], Unit::SpecificGravity))->toFloat()
            : $table->fromVoltage(self::of($in['ocv'], Unit::Volt)->times(12)->dividedBy($in['nominal_v']))->toFloat();
    }

    private static function stops(ScaleReading $reading, int|float $value, Unit $unit): bool
    {
        return self::outcome($reading, $value, $unit) === Outcome::Stop;
    }

    private static function outcome(ScaleReading $reading, int|float $value, Unit $unit): Outcome
    {
        return $reading->judge(new Observation(self::of($value, $unit)))->outcome;
    }

    private static function of(int|float|string $value, Unit $unit): Quantity
    {
        return Quantity::of((string) $value, $unit);
    }

    private static function source(): Source
    {
        return new Source(SourceKind::Published, 'as named beside the example');
    }
}
