<?php

declare(strict_types=1);

namespace App\Models;

/** What is read under the address of a calendar. */
enum CalendarShows: string
{
    case Hires = 'hires';
    /** What is likely due on which machine, day by day. */
    case Service = 'service';
}
