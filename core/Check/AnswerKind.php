<?php

declare(strict_types=1);

namespace JadeLedger\Core\Check;

/** How a check is answered. */
enum AnswerKind: string
{
    /** It is as it should be, it is not, or it cannot be told. */
    case Look = 'look';
    /** Step after step, what was expected and how the machine responded. */
    case FunctionTest = 'function_test';
    /** A date or a serial, compared with the hire and the record. */
    case Paper = 'paper';
    /** The lamps that are lit and the codes that are active. */
    case Dashboard = 'dashboard';
    case HourMeter = 'hour_meter';
    /** A second hour meter, of the pump or under load. */
    case WorkMeter = 'work_meter';
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
    case BeltDeflection = 'belt_deflection';
    case PinPlay = 'pin_play';
    case EmergencyLowering = 'emergency_lowering';
    case TiltAlarmAngle = 'tilt_alarm_angle';
    case ExtinguisherGauge = 'extinguisher_gauge';
    case DisplayZone = 'display_zone';
    case ParkBrakeHold = 'park_brake_hold';
    case CoolantFreezePoint = 'coolant_freeze_point';
    /** Pieces that go out and have to come back. */
    case Count = 'count';

    public function isReading(): bool
    {
        return ! in_array($this, [self::Look, self::FunctionTest, self::Paper, self::Dashboard], true);
    }

    /**
     * Whether what it says is so for as long as the machine stands untouched: what is looked at, worn or counted.
     *
     * A level, a pressure, a charge, a temperature, and what is tried while it runs, is true of its moment only.
     */
    public function outlastsItsWalk(): bool
    {
        return match ($this) {
            self::Look, self::ForkHeel, self::ForkTips, self::ForkAngle, self::ChainElongation, self::TreadDepth,
            self::PinPlay, self::Count => true,
            default => false,
        };
    }
}
