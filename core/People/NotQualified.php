<?php

declare(strict_types=1);

namespace JadeLedger\Core\People;

use JadeLedger\Core\Paper\CalendarDate;

/** A qualification that is asked for and not held, or not any more. */
final readonly class NotQualified
{
    /** @param  CalendarDate|null  $ranOut the last day on which it was valid; none when it was never held */
    public function __construct(public Qualification $qualification, public ?CalendarDate $ranOut)
    {
    }
}
