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
    /** Pieces that go out and have to come back. */
    case Count = 'count';

    public function isReading(): bool
    {
        return $this !== self::Look;
    }
}
