<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Platform;

use JadeLedger\Core\Paper\CalendarDate;

/** How often lifting equipment is examined thoroughly. Source: UK LOLER 1998 (SI 1998/2307), regulation 9(3)(a). */
enum ThoroughExamination: int
{
    case LiftsPersonsOrAccessory = 6;
    case OtherLifting = 12;

    public function next(CalendarDate $last): CalendarDate
    {
        return $last->plusMonths($this->value);
    }
}
