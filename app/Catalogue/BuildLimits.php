<?php

declare(strict_types=1);

namespace App\Catalogue;

use JadeLedger\Core\Catalogue\Source;
use JadeLedger\Core\Catalogue\SourceKind;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Reading;

/** Builds the limits of a model from the tree of its file. */
final class BuildLimits
{
    /** @param  array<string, mixed>  $tree */
    public function from(array $tree): Reading\Limits
    {
        $source = new Source(SourceKind::from($tree['source']['kind']), $tree['source']['words']);

        return match ($tree['kind']) {
            'hour_meter' => new Reading\HourMeterLimits($tree['whole_digits'], $tree['decimals'], $source),
            'dipstick' => new Reading\DipstickLimits(
                $this->marks($tree['cold'], Unit::Millimetre),
                isset($tree['hot']) ? $this->marks($tree['hot'], Unit::Millimetre) : null,
                $this->fluid($tree['fluid']),
                $source,
            ),
            'sight_glass' => new Reading\SightGlassLimits(Quantity::of($tree['diameter_mm'], Unit::Millimetre), $this->marks($tree['marks'], Unit::Millimetre), $this->fluid($tree['fluid']), $source),
            'tank_column' => new Reading\TankColumnLimits($this->marks($tree['marks'], Unit::named($tree['unit'])), $this->fluid($tree['fluid']), Reading\Need::from($tree['need']), $source),
            'fork_heel' => new Reading\ForkHeel(Quantity::of($tree['original_mm'], Unit::Millimetre), $source),
            'fork_tips' => new Reading\ForkTips(Quantity::of($tree['blade_mm'], Unit::Millimetre), $source),
            'fork_angle' => new Reading\ForkAngle(Quantity::of($tree['original_deg'], Unit::Degree), $source),
            'chain_elongation' => new Reading\ChainElongation(Quantity::of($tree['pitch_mm'], Unit::Millimetre), $tree['pitches'], $source),
            'tyre_pressure' => new Reading\TyrePressure(Quantity::of($tree['recommended_kpa'], Unit::Kilopascal), $source),
            'tread_depth' => new Reading\TreadDepth(Quantity::of($tree['least_mm'], Unit::Millimetre), $source),
            'track_sag' => new Reading\TrackSag(Quantity::of($tree['least_mm'], Unit::Millimetre), Quantity::of($tree['most_mm'], Unit::Millimetre), $source),
            'battery_voltage' => new Reading\BatteryVoltage(Quantity::of($tree['nominal_v'], Unit::Volt), $source),
            'specific_gravity' => new Reading\SpecificGravity(Quantity::of($tree['least'], Unit::SpecificGravity), $source),
            'electrolyte_level' => new Reading\ElectrolyteLevel(Quantity::of($tree['least_mm'], Unit::Millimetre), Quantity::of($tree['most_mm'], Unit::Millimetre), $source),
            'drive_speed' => new Reading\DriveSpeed(Quantity::of($tree['distance_m'], Unit::Metre), Quantity::of($tree['most_m_s'], Unit::MetrePerSecond), $source),
            'blade_stop' => new Reading\BladeStop(Quantity::of($tree['most_s'], Unit::Second), $source),
            'generator_frequency' => new Reading\GeneratorFrequency(Quantity::of($tree['nominal_hz'], Unit::Hertz), $source),
            'generator_voltage' => new Reading\GeneratorVoltage(Quantity::of($tree['nominal_v'], Unit::Volt), $source),
            'residual_current_trip' => new Reading\ResidualCurrentTrip(Quantity::of($tree['rated_ma'], Unit::Milliampere), $source),
            'wait' => new Reading\WaitLimits($tree['seconds'], $source),
            'count' => new Reading\CountLimits($tree['pieces'], $tree['expected'], $source),
        };
    }

    /** @param  array<string, string>  $tree */
    private function marks(array $tree, Unit $unit): Reading\LevelMarks
    {
        return new Reading\LevelMarks(
            Quantity::of($tree['lowest'], $unit),
            Quantity::of($tree['add'], $unit),
            Quantity::of($tree['full'], $unit),
            Quantity::of($tree['highest'], $unit),
        );
    }

    /** @param  array<string, mixed>  $tree */
    private function fluid(array $tree): Reading\Fluid
    {
        return new Reading\Fluid($tree['name'], Quantity::of($tree['litres_per_unit'], Unit::Litre), $tree['settle_minutes']);
    }
}
