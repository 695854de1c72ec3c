<?php

declare(strict_types=1);

namespace Tests\Core\Limits;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use JadeLedger\Core\Limits\Battery;
use JadeLedger\Core\Limits\Brakes;
use JadeLedger\Core\Limits\Earthmoving;
use JadeLedger\Core\Limits\Fire;
use JadeLedger\Core\Limits\Fluids;
use JadeLedger\Core\Limits\Ground;
use JadeLedger\Core\Limits\Lines;
use JadeLedger\Core\Limits\People;
use JadeLedger\Core\Limits\Platform;
use JadeLedger\Core\Limits\Power;
use JadeLedger\Core\Limits\Transport;
use JadeLedger\Core\Limits\Truck;
use JadeLedger\Core\Limits\Turf;
use JadeLedger\Core\Limits\Tyres;
use JadeLedger\Core\Limits\Wind;
use JadeLedger\Core\Paper\CalendarDate;
use JadeLedger\Core\Quantity\FeetAndInches;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Slope;
use JadeLedger\Core\Quantity\Unit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Reading\PublishedReadingsTest;
use Tests\Support\PublishedValues;

/**
 * Every published example of the groups that limits rest on; the source stands in the name of each data set. Only the
 * core computes: what stands here turns names of the published inputs into its types, and its answers into numbers.
 */
final class PublishedLimitsTest extends TestCase
{
    private const GROUPS = [
        'UNITS',
        'TRUCK',
        'MEWP',
        'LINES',
        'LOAD',
        'BATT',
        'TYRE',
        'COOL',
        'DEF',
        'FUEL',
        'HYD',
        'TRACK',
        'BRAKE',
        'TURF',
        'GEN',
        'NV',
        'FIRE',
    ];

    private const UNITS = [
        'us_gal' => Unit::GallonUs,
        'imp_gal' => Unit::GallonImperial,
        'us_qt' => Unit::QuartUs,
        'L' => Unit::Litre,
        'us_fl_oz' => Unit::FluidOunceUs,
        'imp_fl_oz' => Unit::FluidOunceImperial,
        'C' => Unit::Celsius,
        'F' => Unit::Fahrenheit,
    ];

    /** @return array<string, \Closure(array<string, mixed>): array<string, mixed>> by function */
    private static function claims(): array
    {
        return [
            ...self::units(),
            ...self::trucks(),
            ...self::platforms(),
            ...self::lines(),
            ...self::transport(),
            ...self::batteries(),
            ...self::fluids(),
            ...self::ground(),
            ...self::turf(),
            ...self::power(),
            ...self::people(),
        ];
    }

    /** @return array<string, \Closure(array<string, mixed>): array<string, mixed>> */
    private static function units(): array
    {
        $convert = static fn (array $in): array => [
            'value' => self::float(self::of($in['value'], self::unit($in['from'])), self::unit($in['to'])),
        ];

        return [
            'convert' => $convert,
            'convert_temperature' => $convert,
            'parse_ft_in' => static fn (array $in): array => isset($in['text'])
                ? ['metres' => self::float(FeetAndInches::read($in['text'])->length(), Unit::Metre)]
                : ['text' => FeetAndInches::of(self::of($in['metres'], Unit::Metre))->write($in['denominator'])],
            'slope_percent' => static fn (array $in): array => isset($in['degrees'])
                ? ['percent' => Slope::degrees((float) $in['degrees'])->inPercent()]
                : ['degrees' => Slope::percent((float) $in['percent'])->degrees],
        ];
    }

    /** @return array<string, \Closure(array<string, mixed>): array<string, mixed>> */
    private static function trucks(): array
    {
        return [
            'truck_exam_due' => static fn (array $in): array => [
                'due' => ($in['round_the_clock']
                    ? Truck\TruckExamination::AfterEachShift
                    : Truck\TruckExamination::EachDay
                )->isDue(self::date($in['last_exam_date']), self::date($in['today']), $in['shifts_ended_since_exam']),
            ],
            'add_months_clamped' => static fn (array $in): array => [
                'date' => self::date($in['date'])->plusMonths($in['months'])->text(),
            ],
            'refresher_required' => static fn (array $in): array => [
                'required' => Truck\RefresherReason::tryFrom($in['event']) !== null,
            ],
            'load_upgrade_required' => static fn (array $in): array => [
                'required' => $in['loaded'] &&
                    (new Truck\TruckOnGrade(Slope::percent((float) $in['grade_percent'])))->wantsLoadUpgrade(),
            ],
            'truck_unattended' => static function (array $in): array {
                $is = ! $in['in_view'] || Truck\UnattendedTruck::whenInView(self::of($in['distance_ft'], Unit::Foot));

                return ['unattended' => $is, 'power_off_required' => $is];
            },
            'truck_designation_known' => static fn (array $in): array => [
                'known' => Truck\TruckDesignation::tryFrom($in['code']) !== null,
            ],
            'fork_angle' => static fn (array $in): array => [
                'limit_mm' => self::float(
                    Truck\ForkStraightness::limit(self::of($in['length_mm'], Unit::Millimetre)),
                    Unit::Millimetre,
                ),
                'withdraw' => Truck\ForkStraightness::isWithdrawn(
                    self::of($in['length_mm'], Unit::Millimetre),
                    self::of($in['out_of_straight_mm'], Unit::Millimetre),
                ),
            ],
            'capacity_at_load_centre' => static function (array $in): array {
                $truck = new Truck\LoadCentre(
                    self::of($in['rated_kg'], Unit::Kilogram),
                    self::of($in['rated_load_centre_mm'], Unit::Millimetre),
                    self::of($in['load_distance_mm'], Unit::Millimetre),
                );
                $centre = self::of($in['actual_load_centre_mm'], Unit::Millimetre);

                return [
                    'capacity_kg' => self::float($truck->capacityAt($centre), Unit::Kilogram),
                    'simple_kg' => self::float($truck->simple($centre), Unit::Kilogram),
                ];
            },
            'standard_load_centre_mm' => static fn (array $in): array => [
                'load_centre_mm' => self::whole(
                    Truck\StandardLoadCentre::of(self::of($in['rated_kg'], Unit::Kilogram)),
                    Unit::Millimetre,
                ),
            ],
            'drift_ok' => static fn (array $in): array => [
                'ok' => Truck\MastDrift::isWithin(
                    self::of($in['lowering_mm'], Unit::Millimetre),
                    self::of($in['tilt_deg'], Unit::Degree),
                ),
            ],
            'grade_holding_force' => static fn (array $in): array => [
                'force_N' => self::float(
                    (new Truck\TruckOnGrade(Slope::percent((float) $in['grade_percent'])))->holdingForce(
                        self::of($in['mass_kg'], Unit::Kilogram),
                    ),
                    Unit::Newton,
                ),
            ],
            'excavator_rated_lift' => static function (array $in): array {
                $lift = Earthmoving\RatedLift::of(
                    self::of($in['tipping_kg'], Unit::Kilogram),
                    self::of($in['hydraulic_kg'], Unit::Kilogram),
                );

                return [
                    'rated_kg' => self::float($lift->load, Unit::Kilogram),
                    'limited_by' => $lift->limitedBy->value,
                ];
            },
            'loader_roc' => static fn (array $in): array => [
                'roc_kg' => self::float(
                    Earthmoving\LoaderKind::from($in['kind'])->ratedCapacity(
                        self::of($in['tipping_kg'], Unit::Kilogram),
                    ),
                    Unit::Kilogram,
                ),
            ],
        ];
    }

    /** @return array<string, \Closure(array<string, mixed>): array<string, mixed>> */
    private static function platforms(): array
    {
        return [
            'wind_pressure' => static function (array $in): array {
                $speed = self::of($in['speed_m_s'], Unit::MetrePerSecond);

                return [
                    'pressure_N_m2' => self::float(Wind\WindPressure::of($speed), Unit::Pascal),
                    'above_rating' => $speed->isGreaterThan(Wind\WindPressure::outdoorRating()),
                ];
            },
            'manual_force_N' => static fn (array $in): array => [
                'force_N' => self::whole(Platform\ManualForce::leastFor($in['persons']), Unit::Newton),
            ],
            'platform_rated_load' => static fn (array $in): array => [
                'rated_kg' => self::whole(
                    Platform\PlatformLoad::rated($in['persons'], self::of($in['equipment_kg'], Unit::Kilogram)),
                    Unit::Kilogram,
                ),
            ],
            'elevated_travel_limit' => static function (array $in): array {
                $most = Platform\RaisedTravel::from($in['kind'])->most();

                return [
                    'm_s' => self::float($most, Unit::MetrePerSecond),
                    'km_h' => self::float($most, Unit::KilometrePerHour),
                ];
            },
            'top_rail_ok' => static fn (array $in): array => [
                'ok' => Platform\GuardRail::from($in['regime'])->accepts(self::of($in['height_mm'], Unit::Millimetre)),
            ],
            'a92_due' => static function (array $in): array {
                $frequent = new Platform\FrequentInspection(
                    self::date($in['last_frequent']),
                    self::of($in['hours_at_frequent'], Unit::Hour),
                );

                return [
                    'frequent_by_date' => $frequent->byDate()->text(),
                    'frequent_by_hours' => self::whole($frequent->byHours(), Unit::Hour),
                    'annual_by' => Platform\FrequentInspection::annualBy(self::date($in['last_annual']))->text(),
                ];
            },
            'loler_next' => static fn (array $in): array => [
                'next' => ($in['lifts_persons'] || $in['accessory']
                    ? Platform\ThoroughExamination::LiftsPersonsOrAccessory
                    : Platform\ThoroughExamination::OtherLifting
                )
                    ->next(self::date($in['last']))
                    ->text(),
            ],
            'beaufort_force' => static fn (array $in): array => [
                'force' => Wind\Beaufort::of(self::of($in['speed_m_s'], Unit::MetrePerSecond))->value,
            ],
            'pad_pressure' => static function (array $in): array {
                [$load, $allowable] = [
                    self::of($in['load_kN'], Unit::Kilonewton),
                    self::of($in['allowable_kPa'], Unit::Kilopascal),
                ];
                $pad = new Ground\PadPressure($load, self::of($in['pad_side_m'], Unit::Metre));

                return [
                    'pressure_kPa' => self::float($pad->pressure(), Unit::Kilopascal),
                    'ok' => $pad->isWithin($allowable),
                    'needed_side_m' => self::float(Ground\PadPressure::neededSide($load, $allowable), Unit::Metre),
                ];
            },
            'mewp_class' => static function (array $in): array {
                [$reach, $drive] = [
                    'self-propelled scissor' => [Platform\RaisedReach::Within, Platform\RaisedDrive::FromThePlatform],
                    'self-propelled boom' => [Platform\RaisedReach::Beyond, Platform\RaisedDrive::FromThePlatform],
                    'push-around vertical mast' => [Platform\RaisedReach::Within, Platform\RaisedDrive::NotAtAll],
                ][$in['machine']];

                return ['class' => Platform\PlatformClass::of($reach, $drive)->value];
            },
        ];
    }

    /** @return array<string, \Closure(array<string, mixed>): array<string, mixed>> */
    private static function lines(): array
    {
        $volts = static fn (array $in): Quantity => self::of($in['kv'], Unit::Volt)->times(1000);

        return [
            'osha_1408_clearance' => static function (array $in) use ($volts): array {
                $clearance = Lines\LineSchool::Lifting->clearance($volts($in));

                return [
                    'min_ft' => $clearance === null ? null : self::whole($clearance, Unit::Foot),
                    'show_m' => $clearance === null
                        ? null
                        : self::float(Lines\LineSchool::shown($clearance), Unit::Metre),
                ];
            },
            'osha_1411_min_ft' => static fn (array $in): array => [
                'min_ft' => self::whole(Lines\ClearanceTable::travelling()->of($volts($in)), Unit::Foot),
            ],
            'osha_333_clearance' => static function (array $in) use ($volts): array {
                $movement = $in['transit_lowered'] ? Lines\LineMovement::InTransit : Lines\LineMovement::AtWork;
                $clearance = Lines\ClearanceByVoltage::generalIndustry($volts($in), $movement);

                return [
                    'pro_rata_ft' => self::float($clearance->proRata, Unit::Foot),
                    'stepped_ft' => self::float($clearance->stepped, Unit::Foot),
                ];
            },
            'osha_600_clearance_ft' => static fn (array $in): array => [
                'min_ft' => self::float(Lines\LineSchool::Construction->clearance($volts($in)), Unit::Foot),
            ],
            'uk_line_height_m' => static fn (array $in): array => [
                'height_m' => self::float(
                    ($in['road'] ? Lines\ClearanceTable::heightsOverRoads() : Lines\ClearanceTable::heights())->of(
                        $volts($in),
                    ),
                    Unit::Metre,
                ),
            ],
            'uk_plant_distance_m' => static fn (array $in): array => [
                'distance_m' => self::float(
                    Lines\LineSupport::from($in['support'])->distance(self::of($in['jib_m'], Unit::Metre)),
                    Unit::Metre,
                ),
            ],
            'uk_exclusion_m' => static fn (array $in): array => [
                'zone_m' => self::whole(Lines\LineSchool::UnitedKingdom->clearance($volts($in)), Unit::Metre),
            ],
        ];
    }

    /** @return array<string, \Closure(array<string, mixed>): array<string, mixed>> */
    private static function transport(): array
    {
        return [
            'aggregate_wll' => static function (array $in): array {
                $sum = Transport\AggregateLimit::of(
                    array_map(
                        static fn (array $one): Transport\Tiedown => new Transport\Tiedown(
                            $one['count'] ?? 1,
                            self::of($one['wll_lb'], Unit::Pound),
                            Transport\TiedownPath::from($one['path']),
                        ),
                        $in['tiedowns'],
                    ),
                    self::of($in['weight_lb'], Unit::Pound),
                );

                return [
                    'aggregate_lb' => self::float($sum->aggregate, Unit::Pound),
                    'required_lb' => self::float($sum->required, Unit::Pound),
                    'ok' => $sum->isEnough(),
                ];
            },
            'min_tiedowns' => static fn (array $in): array => [
                'min' => ($in['blocked'] ? Transport\TiedownCount::Blocked : Transport\TiedownCount::NotBlocked)->least(
                    self::of($in['length_ft'], Unit::Foot),
                    self::of($in['weight_lb'], Unit::Pound),
                ),
            ],
            'heavy_machine_rule' => static function (array $in): array {
                $applies = Transport\HeavyMachine::is(self::of($in['weight_lb'], Unit::Pound));

                return ['applies' => $applies, 'min_tiedowns' => $applies ? Transport\HeavyMachine::TIEDOWNS : null];
            },
            'chain_wll_lb' => static fn (array $in): array => [
                'wll_lb' => self::whole(Transport\Chain::from($in['grade'])->limit($in['size_in']), Unit::Pound),
            ],
            'webbing_wll_lb' => static fn (array $in): array => [
                'wll_lb' => self::whole(Transport\Webbing::from((string) $in['width_in'])->limit(), Unit::Pound),
            ],
            'securement_forces_lbf' => static function (array $in): array {
                $weight = self::of($in['weight_lb'], Unit::PoundForce);
                $force = static fn (Transport\Direction $to): float => self::float(
                    $to->force($weight),
                    Unit::PoundForce,
                );

                return [
                    'forward' => $force(Transport\Direction::Forward),
                    'rearward' => $force(Transport\Direction::Rearward),
                    'sideways' => $force(Transport\Direction::Sideways),
                    'down' => self::float(Transport\DownwardForce::of($weight), Unit::PoundForce),
                ];
            },
            'load_check_due' => static fn (array $in): array => [
                'due' => $in['duty_change'] ||
                    ($in['first_check_done'] ? Transport\LoadCheck::Later : Transport\LoadCheck::First)->isDue(
                        self::of($in['miles_since'], Unit::Mile),
                        self::of($in['hours_since'], Unit::Hour),
                    ),
            ],
            'top_over_lashings' => static function (array $in): array {
                $lashing = new Transport\TopOverLashing(
                    $in['mu'],
                    (float) $in['alpha_deg'],
                    self::of($in['stf_N'], Unit::Newton),
                );
                [$mass, $to] = [self::of($in['mass_kg'], Unit::Kilogram), Transport\Direction::from($in['direction'])];

                return ['exact' => $lashing->exact($mass, $to), 'lashings' => $lashing->least($mass, $to)];
            },
            'diagonal_lashing_lc' => static fn (array $in): array => [
                'lc_min_N' => self::float(
                    (new Transport\DiagonalLashing(
                        $in['mu'],
                        (float) $in['alpha_deg'],
                        (float) $in['beta_deg'],
                    ))->capacity(self::of($in['mass_kg'], Unit::Kilogram), Transport\Direction::from($in['direction'])),
                    Unit::Newton,
                ),
            ],
            'load_stable' => static function (array $in): array {
                $load = new Transport\LoadStability(
                    self::of($in['b_m'], Unit::Metre),
                    self::of($in['d_m'], Unit::Metre),
                );

                return [
                    'ratio' => $load->ratio()->toFloat(),
                    'stable' => $load->holdsAgainst(BigRational::of((string) $in['c'])),
                ];
            },
            'friction_mu' => static fn (array $in): array => [
                'mu' => Transport\FrictionPair::from($in['pair'])->coefficient()->toFloat(),
            ],
            'bridge_formula' => static function (array $in): array {
                $most = Transport\BridgeFormula::of($in['axles'], self::of($in['spread_ft'], Unit::Foot));

                return [
                    'exact_lb' => self::float($most->exact(), Unit::Pound),
                    'rounded_lb' => self::whole($most->rounded(), Unit::Pound),
                ];
            },
            'rear_flags' => static fn (array $in): array => [
                'flags' => Transport\RearFlags::count(
                    self::of($in['rear_overhang_ft'], Unit::Foot),
                    self::of($in['width_ft'], Unit::Foot),
                ),
            ],
        ];
    }

    /** @return array<string, \Closure(array<string, mixed>): array<string, mixed>> */
    private static function batteries(): array
    {
        return [
            'ocv_from_sg' => static fn (array $in): array => [
                'volts' => self::float(
                    Battery\OpenCircuitVoltage::of(self::of($in['sg'], Unit::SpecificGravity), $in['cells']),
                    Unit::Volt,
                ),
            ],
            'electrolyte_freeze_c' => static fn (array $in): array => [
                'freeze_c' => self::float(
                    Battery\ElectrolyteFreezing::of(self::of($in['sg'], Unit::SpecificGravity)),
                    Unit::Celsius,
                ),
            ],
            'hydrogen_litres' => static fn (array $in): array => [
                'litres_stp' => self::float(
                    Battery\Hydrogen::given($in['cells'], self::of($in['amp_hours'], Unit::AmpereHour)),
                    Unit::Litre,
                ),
            ],
            'load_test_ok' => static function (array $in): array {
                $least = Battery\LoadTest::least(self::of($in['temp_F'], Unit::Fahrenheit));

                return [
                    'min_volts' => self::float($least, Unit::Volt),
                    'ok' => ! self::of($in['volts'], Unit::Volt)->isLessThan($least),
                ];
            },
            'tyre_pressure_at' => static fn (array $in): array => [
                'gauge_kPa' => self::float(
                    Tyres\TyreTemperature::pressureAt(
                        self::of($in['gauge_kPa'], Unit::Kilopascal),
                        self::of($in['from_C'], Unit::Celsius),
                        self::of($in['to_C'], Unit::Celsius),
                    ),
                    Unit::Kilopascal,
                ),
            ],
            'ballast_mass_kg' => static fn (array $in): array => [
                'mass_kg' => self::float(
                    Tyres\LiquidBallast::mass(
                        self::of($in['volume_l'], Unit::Litre),
                        self::of($in['density_kg_l'], Unit::KilogramPerCubicMetre)->times(1000),
                    ),
                    Unit::Kilogram,
                ),
            ],
            'wear_percent' => static fn (array $in): array => [
                'percent' => Tyres\WearShare::percent(
                    self::of($in['new'], Unit::Millimetre),
                    self::of($in['limit'], Unit::Millimetre),
                    self::of($in['measured'], Unit::Millimetre),
                )->toFloat(),
            ],
        ];
    }

    /** @return array<string, \Closure(array<string, mixed>): array<string, mixed>> */
    private static function fluids(): array
    {
        $litres = static fn (array $in): Quantity => self::of($in['litres'], Unit::Litre);

        return [
            'water_boil_c' => static fn (array $in): array => [
                'boil_C' => self::float(
                    Fluids\BoilingPoint::ofWater(self::of($in['p_abs_kPa'], Unit::Kilopascal)),
                    Unit::Celsius,
                ),
            ],
            'cap_boil_f' => static fn (array $in): array => [
                'boil_F' => self::float(
                    Fluids\BoilingPoint::underCap(
                        self::of($in['base_F'], Unit::Fahrenheit),
                        self::of($in['cap_psi'], Unit::PoundForcePerSquareInch),
                    ),
                    Unit::Fahrenheit,
                ),
            ],
            'def_ri_ok' => static fn (array $in): array => [
                'ok' => Fluids\ExhaustFluid::isWithinItsIndex(BigRational::of((string) $in['n20'])),
            ],
            'def_percent' => static fn (array $in): array => [
                'percent' => Fluids\ExhaustFluid::urea(BigRational::of((string) $in['n20']))->toFloat(),
            ],
            'def_shelf_months' => static fn (array $in): array => [
                'months' => Fluids\ExhaustFluid::shelfMonths(self::of($in['storage_C'], Unit::Celsius)),
            ],
            'def_expected_l' => static function (array $in): array {
                $fuel = self::of($in['diesel_l'], Unit::Litre);

                return [
                    'low_l' => self::float(Fluids\ExhaustFluid::leastWith($fuel), Unit::Litre),
                    'high_l' => self::float(Fluids\ExhaustFluid::mostWith($fuel), Unit::Litre),
                ];
            },
            'fuel_energy_mj' => static fn (array $in): array => [
                'mj' => self::float(Fluids\Fuel::from($in['fuel'])->energy($litres($in)), Unit::Megajoule),
            ],
            'fuel_mass_range_kg' => static function (array $in) use ($litres): array {
                $mass = Fluids\Fuel::from($in['fuel'])->mass($litres($in));
                self::assertNotNull($mass);

                return [
                    'min_kg' => self::float($mass->least, Unit::Kilogram),
                    'max_kg' => self::float($mass->most, Unit::Kilogram),
                ];
            },
            'co2_kg' => static fn (array $in): array => [
                'kg' => self::float(Fluids\Fuel::from($in['fuel'])->carbonDioxide($litres($in)), Unit::Kilogram),
            ],
            'diesel_v15' => static fn (array $in): array => [
                'v15_l' => self::float(
                    Fluids\DieselVolume::at15($litres($in), self::of($in['temp_C'], Unit::Celsius)),
                    Unit::Litre,
                ),
            ],
            'fuel_burn_l_h' => static fn (array $in): array => [
                'l_h' => self::float(
                    Fluids\FuelBurn::perHour(
                        self::of($in['kw'], Unit::Kilowatt),
                        BigRational::of((string) $in['load']),
                        ...array_filter([$in['bsfc'] ?? null]),
                    ),
                    Unit::LitrePerHour,
                ),
            ],
            'propane_fill_lb' => static fn (array $in): array => [
                'max_lb' => self::float(
                    Fluids\PropaneCylinder::mostFilling(self::of($in['water_capacity_lb'], Unit::Pound)),
                    Unit::Pound,
                ),
            ],
            'cylinder_dip' => static function (array $in): array {
                $cylinder = new Fluids\LyingCylinder(
                    self::of($in['diameter_m'], Unit::Metre),
                    self::of($in['length_m'], Unit::Metre),
                );
                $depth = self::of($in['depth_m'], Unit::Metre);

                return [
                    'litres' => self::float($cylinder->volumeAt($depth), Unit::Litre),
                    'fraction' => $cylinder->shareAt($depth),
                ];
            },
            'oil_expansion' => static function (array $in) use ($litres): array {
                $grown = Fluids\OilExpansion::of(
                    $litres($in),
                    self::of($in['from_C'], Unit::Celsius),
                    self::of($in['to_C'], Unit::Celsius),
                );

                return [
                    'dV_l' => self::float($grown->volume, Unit::Litre),
                    'level_mm' => self::float(
                        $grown->risesBy(self::of($in['plan_area_m2'], Unit::SquareMetre)),
                        Unit::Millimetre,
                    ),
                ];
            },
            'vg_limits' => static function (array $in): array {
                $grade = new Fluids\ViscosityGrade($in['vg']);

                return ['min' => $grade->least->toFloat(), 'max' => $grade->most->toFloat()];
            },
            'iso4406' => static fn (array $in): array => [
                'code' => Fluids\CleanlinessCode::of(
                    ...array_map(
                        static fn (int|float $count): BigRational => BigRational::of((string) $count),
                        $in['per_ml'],
                    ),
                ),
            ],
        ];
    }

    /** @return array<string, \Closure(array<string, mixed>): array<string, mixed>> */
    private static function ground(): array
    {
        return [
            'track_pressure' => static function (array $in): array {
                $pressure = Ground\TrackPressure::of(
                    self::of($in['mass_kg'], Unit::Kilogram),
                    self::of($in['shoe_width_m'], Unit::Metre),
                    self::of($in['contact_length_m'], Unit::Metre),
                );

                return [
                    'kPa' => self::float($pressure, Unit::Kilopascal),
                    'psi' => self::float($pressure, Unit::PoundForcePerSquareInch),
                ];
            },
            'tipping_angle' => static fn (array $in): array => [
                'degrees' => Ground\TippingAngle::of(
                    self::of($in['gauge_m'], Unit::Metre),
                    self::of($in['cg_height_m'], Unit::Metre),
                )->degrees,
            ],
            'stopping_distance_m' => static fn (array $in): array => [
                'metres' => self::float(
                    Brakes\StoppingDistance::of(
                        self::of($in['km_h'], Unit::KilometrePerHour),
                        (float) $in['reaction_s'],
                        (float) $in['decel'],
                    ),
                    Unit::Metre,
                ),
            ],
            'iso3450_stop_m' => static function (array $in): array {
                $speed = self::of($in['km_h'], Unit::KilometrePerHour);

                return [
                    'service_m' => self::float(Brakes\EarthmovingStop::Service->most($speed), Unit::Metre),
                    'secondary_m' => self::float(Brakes\EarthmovingStop::Secondary->most($speed), Unit::Metre),
                ];
            },
            'msha_stop_ft' => static fn (array $in): array => [
                'feet' => self::float(
                    Brakes\MineStop::of(self::of($in['mph'], Unit::MilePerHour), (float) $in['response_s']),
                    Unit::Foot,
                ),
            ],
            'parking_slope' => static function (array $in): array {
                $slope = Brakes\ParkingSlope::from($in['kind'])->slope();

                return ['percent' => $slope->inPercent(), 'degrees' => $slope->degrees];
            },
        ];
    }

    /** @return array<string, \Closure(array<string, mixed>): array<string, mixed>> */
    private static function turf(): array
    {
        return [
            'blade_stop_ok' => static fn (array $in): array => [
                'ok' => ! self::of($in['seconds'], Unit::Second)->isGreaterThan(
                    Turf\BladeRule::from($in['kind'])->most(),
                ),
            ],
            'tip_speed' => static function (array $in): array {
                $tip = Turf\BladeTip::of(self::of($in['blade_mm'], Unit::Millimetre), (float) $in['rpm']);

                return ['m_s' => self::float($tip->speed, Unit::MetrePerSecond), 'over_limit' => $tip->isOver()];
            },
            'rops_required' => static fn (array $in): array => [
                'required' => Turf\RollBarRule::wants(self::of($in['hp'], Unit::Horsepower), self::date($in['built'])),
            ],
            'pto_type' => static function (array $in): array {
                $type = Turf\PtoType::ofSplines($in['splines']);
                self::assertNotNull($type);

                return ['type' => $type->value, 'rpm' => self::whole($type->turns(), Unit::RevolutionsPerMinute)];
            },
            'mower_slope_ok' => static function (array $in): array {
                $slope = Slope::percent((float) $in['percent']);

                return ['degrees' => $slope->degrees, 'ok' => Turf\MowerSlope::isWithin($slope)];
            },
            'hydro_years' => static fn (array $in): array => [
                'years' => Fire\ExtinguisherShell::from($in['kind'])->years(),
            ],
            'extinguisher_distance_ok' => static fn (array $in): array => [
                'ok' => ! self::of($in['distance_ft'], Unit::Foot)->isGreaterThan(
                    Fire\ExtinguisherDistance::from($in['kind'])->most(),
                ),
            ],
        ];
    }

    /** @return array<string, \Closure(array<string, mixed>): array<string, mixed>> */
    private static function power(): array
    {
        return [
            'generator_current' => static function (array $in): array {
                $load = new Power\GeneratorLoad(
                    self::of($in['kw'], Unit::Kilowatt),
                    BigRational::of((string) $in['pf']),
                    self::of($in['volts'], Unit::Volt),
                    $in['phases'],
                );

                return [
                    'kva' => self::float($load->apparent(), Unit::Kilovoltampere),
                    'amps' => self::float($load->current(), Unit::Ampere),
                ];
            },
            'generator_hz' => static fn (array $in): array => [
                'hz' => self::float(
                    Power\SynchronousSpeed::frequency(self::of($in['rpm'], Unit::RevolutionsPerMinute), $in['poles']),
                    Unit::Hertz,
                ),
            ],
            'average_load' => static function (array $in): array {
                $average = Power\AverageLoad::of(
                    self::of($in['rating_kw'], Unit::Kilowatt),
                    array_map(
                        static fn (array $step): Power\LoadStep => new Power\LoadStep(
                            self::of($step[0], Unit::Kilowatt),
                            self::of($step[1], Unit::Hour),
                        ),
                        $in['steps'],
                    ),
                );

                return [
                    'average_kw' => self::float($average->power, Unit::Kilowatt),
                    'percent' => $average->share->multipliedBy(100)->toFloat(),
                    'within_70' => $average->isWithin(),
                ];
            },
            'gen_burn_chart' => static function (array $in): array {
                $burnt = Power\BurnChart::perHour(
                    self::of($in['kw'], Unit::Kilowatt),
                    BigRational::of((string) $in['load']),
                );

                return [
                    'gal_h' => self::float($burnt, Unit::GallonUsPerHour),
                    'l_h' => self::float($burnt, Unit::LitrePerHour),
                ];
            },
            'low_load' => static function (array $in): array {
                $rated = self::of($in['rated_kw'], Unit::Kilowatt);
                $load = self::of($in['load_kw'], Unit::Kilowatt);

                return [
                    'percent' => $load->ratioTo($rated)->multipliedBy(100)->toFloat(),
                    'low' => Power\LeastLoad::isLow($rated, $load),
                ];
            },
            'rcd_ok' => static function (array $in): array {
                $multiple = Power\TripMultiple::from((string) $in['test_multiple']);
                $most = $multiple->most();

                return [
                    'limit_ms' => $most === null ? null : self::whole($most, Unit::Millisecond),
                    'ok' => $multiple->accepts(
                        $in['trip_ms'] === null ? null : self::of($in['trip_ms'], Unit::Millisecond),
                    ),
                ];
            },
            'gfci_max_s' => static fn (array $in): array => [
                'seconds' => self::float(Power\GroundFault::most(self::of($in['mA'], Unit::Milliampere)), Unit::Second),
            ],
            'generator_rod_required' => static fn (array $in): array => [
                'exempt' => Power\FrameAsEarth::isEnough(
                    $in['own_receptacles_only'] ? Power\GeneratorFeeds::OwnSockets : Power\GeneratorFeeds::Building,
                    $in['bonded'] ? Power\FrameBond::Bonded : Power\FrameBond::NotBonded,
                ),
            ],
            'performance_class' => static function (array $in): array {
                $droop = Power\PerformanceClass::droop(
                    self::of($in['rated_hz'], Unit::Hertz),
                    self::of($in['no_load_hz'], Unit::Hertz),
                );

                return [
                    'droop_percent' => $droop->toFloat(),
                    'best_class' => Power\PerformanceClass::best($droop)?->value,
                ];
            },
        ];
    }

    /** @return array<string, \Closure(array<string, mixed>): array<string, mixed>> */
    private static function people(): array
    {
        $exposures = static fn (array $in, Unit $unit): array => array_map(
            static fn (array $task): People\Exposure => People\Exposure::of(
                self::of($task[0], $unit),
                self::of($task[1], Unit::Hour),
            ),
            $in['tasks'],
        );

        return [
            'a8' => static fn (array $in): array => [
                'a8' => self::float(
                    People\VibrationDose::overEightHours($exposures($in, Unit::MetrePerSecondSquared)),
                    Unit::MetrePerSecondSquared,
                ),
            ],
            'vibration_time_h' => static function (array $in): array {
                $kind = People\Vibration::from($in['kind']);
                $shaken = self::of($in['a'], Unit::MetrePerSecondSquared);

                return [
                    'to_action_h' => self::float(People\Vibration::timeTo($kind->action(), $shaken), Unit::Hour),
                    'to_limit_h' => self::float(People\Vibration::timeTo($kind->limit(), $shaken), Unit::Hour),
                ];
            },
            'hav_points' => static fn (array $in): array => [
                'points' => People\VibrationDose::points(
                    People\Exposure::of(
                        self::of($in['a'], Unit::MetrePerSecondSquared),
                        self::of($in['hours'], Unit::Hour),
                    ),
                ),
            ],
            'lex8h' => static fn (array $in): array => [
                'lex_dB' => People\NoiseDose::level($exposures($in, Unit::Decibel)),
            ],
            'noise_band' => static fn (array $in): array => ['band' => People\NoiseBand::of((float) $in['lex'])->value],
            'osha_noise' => static function (array $in) use ($exposures): array {
                $percent = People\NoiseDose::percent($exposures($in, Unit::Decibel));

                return ['dose_percent' => $percent, 'twa_dB' => People\NoiseDose::average($percent)];
            },
            'lp_at' => static fn (array $in): array => isset($in['levels'])
                ? ['sum_dB' => People\SoundLevel::sum(array_map(floatval(...), $in['levels']))]
                : ['lp_dB' => People\SoundLevel::at((float) $in['lw_dB'], self::of($in['r_m'], Unit::Metre))],
        ];
    }

    /** @return iterable<string, array{string, array<string, mixed>, array<string, mixed>, array<string, mixed>}> */
    public static function examples(): iterable
    {
        foreach (self::entries() as $entry) {
            $fn = explode(' | ', (string) $entry['fn'])[0];
            foreach (isset(self::claims()[$fn]) ? $entry['examples'] : [] as $example) {
                if ($fn === 'fork_angle' && ! isset($example['inputs']['out_of_straight_mm'])) {
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
        foreach ($expected as $name => $value) {
            self::assertArrayHasKey($name, $computed, $fn);
            if (! is_float($computed[$name])) {
                self::assertSame($value, $computed[$name], $name);

                continue;
            }
            self::assertIsNumeric($value, $name);
            // Published with nine digits: no tolerance is narrower than their last one.
            $delta = max(
                match ($tolerance['type']) {
                    'abs' => $tolerance['value'],
                    'rel' => $tolerance['value'] * abs($value),
                    default => 0.0,
                },
                1e-8 * max(1.0, abs($value)),
            );
            self::assertEqualsWithDelta($value, $computed[$name], $delta, $name);
        }
    }

    public function test_every_function_of_these_groups_is_computed(): void
    {
        $claimed = [...array_keys(self::claims()), ...PublishedReadingsTest::functions()];
        $groups = [];
        foreach (self::entries() as $entry) {
            $groups[$entry['group']] = true;
            foreach (explode(' | ', (string) $entry['fn']) as $at => $fn) {
                // What is published as the other way round of a function stands beside it in the same claim.
                self::assertTrue($at > 0 || in_array($fn, $claimed, true), "{$entry['id']}: nobody computes {$fn}.");
            }
            self::assertNotSame([], $entry['examples'], (string) $entry['id']);
        }
        self::assertSame(self::GROUPS, array_keys($groups));
    }

    /** @return list<array<string, mixed>> */
    private static function entries(): array
    {
        return array_values(
            array_filter(
                PublishedValues::entries(),
                static fn (array $entry): bool => in_array($entry['group'], self::GROUPS, true),
            ),
        );
    }

    private static function of(int|float|string $value, Unit $unit): Quantity
    {
        return Quantity::of((string) $value, $unit);
    }

    private static function unit(string $name): Unit
    {
        return self::UNITS[$name] ?? Unit::named($name);
    }

    private static function date(string $date): CalendarDate
    {
        return CalendarDate::parse($date);
    }

    private static function float(?Quantity $quantity, Unit $unit): float
    {
        self::assertNotNull($quantity);

        return $quantity->in($unit)->decimal(12, RoundingMode::HALF_EVEN)->toFloat();
    }

    private static function whole(?Quantity $quantity, Unit $unit): int
    {
        self::assertNotNull($quantity);

        return $quantity->in($unit)->decimal(0, RoundingMode::UNNECESSARY)->toInt();
    }
}
