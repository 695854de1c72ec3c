<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading;

/** What an instrument is drawn as. */
enum InstrumentKind: string
{
    case Dipstick = 'dipstick';
    case SightGlass = 'sight_glass';
    case TankColumn = 'tank_column';
    case HourMeter = 'hour_meter';
    case Scale = 'scale';
    case Count = 'count';
}
