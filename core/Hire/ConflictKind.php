<?php

declare(strict_types=1);

namespace JadeLedger\Core\Hire;

/** Why a hire as it is wanted cannot be, or asks for somebody who knows what they do. */
enum ConflictKind: string
{
    /** Another hire has the machine in these days. */
    case Taken = 'taken';
    /** A tag hangs on it. */
    case Tagged = 'tagged';
    /** It is not of the fleet any more. */
    case Left = 'left';
    /** Between two hires there is no time for the walk in and the walk out. */
    case NoTimeBetween = 'no_time_between';
    /** The hire before is late already. */
    case LateBack = 'late_back';
    /** It has to be walked out, and should leave before that is done. */
    case NoTimeToWalk = 'no_time_to_walk';
    case Held = 'held';
    /** A paper of it ends before the hire does, or has ended. */
    case PaperEnds = 'paper_ends';

    /** Nobody books over these; over the others whoever says that they know. */
    public function bars(): bool
    {
        return in_array($this, [self::Taken, self::Tagged, self::Left], true);
    }
}
