<?php

declare(strict_types=1);

namespace JadeLedger\Core\Service;

use JadeLedger\Core\Paper\CalendarDate;

/** The days of a hire, the one on which it leaves and the one on which it comes back both counted. */
final readonly class HireSpan
{
    public function __construct(public string $hireId, public CalendarDate $from, public CalendarDate $until)
    {
    }
}
