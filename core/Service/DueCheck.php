<?php

declare(strict_types=1);

namespace JadeLedger\Core\Service;

use JadeLedger\Core\Check\Occasion;
use JadeLedger\Core\Paper\CalendarDate;

/** A check that no walk asks by itself, and that this one does: how often it is due, and when it was done last. */
final readonly class DueCheck
{
    /** @param  CalendarDate|null  $last none where it was never done */
    public function __construct(public string $check, public Occasion $occasion, public ?CalendarDate $last)
    {
    }
}
