<?php

declare(strict_types=1);

namespace App\Models;

enum HireStatus: string
{
    case Booked = 'booked';
    case WalkingOut = 'walking_out';
    case Held = 'held';
    case Ready = 'ready';
    case Out = 'out';
    /** It left on a release that the yard could not make; the lead settles what becomes of it. */
    case Gone = 'gone';
    case WalkingIn = 'walking_in';
    case Returned = 'returned';
    case Closed = 'closed';
    /** It was booked and will not be. */
    case Cancelled = 'cancelled';
    /** Tagged out before it left: the hire waits for another machine or the repair. */
    case Stopped = 'stopped';
}
