<?php

declare(strict_types=1);

namespace App\Catalogue;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Reading;
use JadeLedger\Core\Source\Source;
use JadeLedger\Core\Source\SourceKind;

/**
 * Builds the limits of a model from the tree of its file.
 *
 * @phpstan-type MarksTree array{lowest: string, add: string, full: string, highest: string}
 * @phpstan-type FluidTree array{name: string, litres_per_unit: string, settle_minutes: int}
 * @phpstan-type LimitsTree array{kind: string, source: array{kind: string, words: string}, whole_digits: int,
 *     decimals: int, cold: MarksTree, hot?: MarksTree, fluid: FluidTree, diameter_mm: string, marks: MarksTree,
 *     unit: string, need: string, original_mm: string, blade_mm: string, original_deg: string, pitch_mm: string,
 *     pitches: int, recommended_kpa: string, least_mm: string, most_mm: string, mm_per_stroke?: string,
 *     nominal_v: string, least: string, cells?: int, distance_m: string, most_m_s: string, most_s: string,
 *     least_s: string, nominal_hz: string, phases?: int, rated_ma: string, plate_deg: string, least_bar: string,
 *     most_bar: string, red_percent: string, amber_percent: string, needed_c: string, system_l: string,
 *     degrees: string, mm: string, seconds: int, pieces: string, expected: int}
 */
final class BuildLimits
{
    /** @param  LimitsTree  $tree of a kind, and with the members of that kind */
    public function from(array $tree): Reading\Limits
    {
        $source = new Source(SourceKind::from($tree['source']['kind']), $tree['source']['words']);

        return match ($tree['kind']) {
            'hour_meter', 'work_meter' => new Reading\Counted\HourMeterLimits(
                $tree['whole_digits'],
                $tree['decimals'],
                $source,
            ),
            'dipstick' => new Reading\Fluids\DipstickLimits(
                $this->marks($tree['cold'], Unit::Millimetre),
                isset($tree['hot']) ? $this->marks($tree['hot'], Unit::Millimetre) : null,
                $this->fluid($tree['fluid']),
                $source,
            ),
            'sight_glass' => new Reading\Fluids\SightGlassLimits(
                Quantity::of($tree['diameter_mm'], Unit::Millimetre),
                $this->marks($tree['marks'], Unit::Millimetre),
                $this->fluid($tree['fluid']),
                $source,
            ),
            'tank_column' => new Reading\Fluids\TankColumnLimits(
                $this->marks($tree['marks'], Unit::named($tree['unit'])),
                $this->fluid($tree['fluid']),
                Reading\Fluids\Need::from($tree['need']),
                $source,
            ),
            'fork_heel' => new Reading\Wear\ForkHeel(Quantity::of($tree['original_mm'], Unit::Millimetre), $source),
            'fork_tips' => new Reading\Wear\ForkTips(Quantity::of($tree['blade_mm'], Unit::Millimetre), $source),
            'fork_angle' => new Reading\Wear\ForkAngle(Quantity::of($tree['original_deg'], Unit::Degree), $source),
            'chain_elongation' => new Reading\Wear\ChainElongation(
                Quantity::of($tree['pitch_mm'], Unit::Millimetre),
                $tree['pitches'],
                $source,
            ),
            'tyre_pressure' => new Reading\Tyres\TyrePressure(
                Quantity::of($tree['recommended_kpa'], Unit::Kilopascal),
                $source,
            ),
            'tread_depth' => new Reading\Tyres\TreadDepth(Quantity::of($tree['least_mm'], Unit::Millimetre), $source),
            'track_sag' => new Reading\Wear\TrackSag(
                Quantity::of($tree['least_mm'], Unit::Millimetre),
                Quantity::of($tree['most_mm'], Unit::Millimetre),
                $source,
                isset($tree['mm_per_stroke']) ? Quantity::of($tree['mm_per_stroke'], Unit::Millimetre) : null,
            ),
            'battery_voltage' => new Reading\Electrical\BatteryVoltage(
                Quantity::of($tree['nominal_v'], Unit::Volt),
                $source,
            ),
            'specific_gravity' => new Reading\Electrical\SpecificGravity(
                Quantity::of($tree['least'], Unit::SpecificGravity),
                $source,
                $tree['cells'] ?? 1,
            ),
            'electrolyte_level' => new Reading\Electrical\ElectrolyteLevel(
                Quantity::of($tree['least_mm'], Unit::Millimetre),
                Quantity::of($tree['most_mm'], Unit::Millimetre),
                $source,
            ),
            'drive_speed' => new Reading\Motion\DriveSpeed(
                Quantity::of($tree['distance_m'], Unit::Metre),
                Quantity::of($tree['most_m_s'], Unit::MetrePerSecond),
                $source,
            ),
            'blade_stop' => new Reading\Motion\BladeStop(Quantity::of($tree['most_s'], Unit::Second), $source),
            'generator_frequency' => new Reading\Electrical\GeneratorFrequency(
                Quantity::of($tree['nominal_hz'], Unit::Hertz),
                $source,
            ),
            'generator_voltage' => new Reading\Electrical\GeneratorVoltage(
                Quantity::of($tree['nominal_v'], Unit::Volt),
                $source,
                $tree['phases'] ?? 1,
            ),
            'residual_current_trip' => new Reading\Electrical\ResidualCurrentTrip(
                Quantity::of($tree['rated_ma'], Unit::Milliampere),
                $source,
            ),
            'belt_deflection' => new Reading\Wear\BeltDeflection(
                Quantity::of($tree['least_mm'], Unit::Millimetre),
                Quantity::of($tree['most_mm'], Unit::Millimetre),
                $source,
            ),
            'pin_play' => new Reading\Wear\PinPlay(Quantity::of($tree['most_mm'], Unit::Millimetre), $source),
            'emergency_lowering' => new Reading\Motion\EmergencyLowering(
                Quantity::of($tree['least_s'], Unit::Second),
                Quantity::of($tree['most_s'], Unit::Second),
                $source,
            ),
            'tilt_alarm_angle' => new Reading\Motion\TiltAlarmAngle(
                Quantity::of($tree['plate_deg'], Unit::Degree),
                $source,
            ),
            'extinguisher_gauge' => new Reading\ExtinguisherGauge(
                Quantity::of($tree['least_bar'], Unit::Bar),
                Quantity::of($tree['most_bar'], Unit::Bar),
                $source,
            ),
            'display_zone' => new Reading\DisplayZone(
                Quantity::of($tree['red_percent'], Unit::Percent),
                Quantity::of($tree['amber_percent'], Unit::Percent),
                $source,
            ),
            'park_brake_hold' => new Reading\Motion\ParkBrakeHold(
                Quantity::of($tree['least_s'], Unit::Second),
                Quantity::of($tree['most_s'], Unit::Second),
                $source,
            ),
            'coolant_freeze_point' => new Reading\Fluids\CoolantFreezePoint(
                Quantity::of($tree['needed_c'], Unit::Celsius),
                Quantity::of($tree['system_l'], Unit::Litre),
                $source,
            ),
            'stated_angle' => new Reading\StatedFigure(Quantity::of($tree['degrees'], Unit::Degree), $source),
            'stated_length' => new Reading\StatedFigure(Quantity::of($tree['mm'], Unit::Millimetre), $source),
            'wait' => new Reading\WaitLimits($tree['seconds'], $source),
            'count' => new Reading\Counted\CountLimits($tree['pieces'], $tree['expected'], $source),
            default => throw new \LogicException("No limits are built of the kind {$tree['kind']}."),
        };
    }

    /** @param  MarksTree  $tree */
    private function marks(array $tree, Unit $unit): Reading\Fluids\LevelMarks
    {
        return new Reading\Fluids\LevelMarks(
            Quantity::of($tree['lowest'], $unit),
            Quantity::of($tree['add'], $unit),
            Quantity::of($tree['full'], $unit),
            Quantity::of($tree['highest'], $unit),
        );
    }

    /** @param  FluidTree  $tree */
    private function fluid(array $tree): Reading\Fluids\Fluid
    {
        return new Reading\Fluids\Fluid(
            $tree['name'],
            Quantity::of($tree['litres_per_unit'], Unit::Litre),
            $tree['settle_minutes'],
        );
    }
}
