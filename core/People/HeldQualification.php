<?php

declare(strict_types=1);

namespace JadeLedger\Core\People;

use JadeLedger\Core\Paper\CalendarDate;

/** What a person may do, and the last day on which they may. */
final readonly class HeldQualification
{
    public function __construct(public string $qualificationId, public CalendarDate $validUntil)
    {
    }
}
