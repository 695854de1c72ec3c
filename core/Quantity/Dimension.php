<?php

declare(strict_types=1);

namespace JadeLedger\Core\Quantity;

/** What a unit measures; quantities of different dimensions never mix. */
enum Dimension
{
    case Length;
    case Volume;
    case Time;
    case Angle;
    case Temperature;
    case Pressure;
    case Potential;
    case Current;
    case Frequency;
    case Speed;
    case RotationalSpeed;
    case RelativeDensity;
    case Share;
    case Count;
    case SoundLevel;
    case Acceleration;
    case Density;
    case Flow;
    case Torque;
    case Energy;
    case Charge;
    case ApparentPower;
    case Power;
    case Force;
    case Mass;
    case Area;
    case LightOutput;
    case Illuminance;
}
