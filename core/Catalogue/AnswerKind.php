<?php

declare(strict_types=1);

namespace JadeLedger\Core\Catalogue;

/** How a check is answered. */
enum AnswerKind: string
{
    /** It is as it should be, it is not, or it cannot be told. */
    case Look = 'look';
    case HourMeter = 'hour_meter';
    case Dipstick = 'dipstick';
    case SightGlass = 'sight_glass';
    case TankColumn = 'tank_column';
    case ForkHeel = 'fork_heel';
    case ForkTips = 'fork_tips';
    case ForkAngle = 'fork_angle';
    case ChainElongation = 'chain_elongation';
    case TyrePressure = 'tyre_pressure';
    case TreadDepth = 'tread_depth';
    case TrackSag = 'track_sag';
    case BatteryVoltage = 'battery_voltage';
    case SpecificGravity = 'specific_gravity';
    case ElectrolyteLevel = 'electrolyte_level';
    case DriveSpeed = 'drive_speed';
    case BladeStop = 'blade_stop';
    case GeneratorFrequency = 'generator_frequency';
    case GeneratorVoltage = 'generator_voltage';
    case ResidualCurrentTrip = 'residual_current_trip';
    /** Pieces that go out and have to come back. */
    case Count = 'count';

    public function isReading(): bool
    {
        return $this !== self::Look;
    }
}
