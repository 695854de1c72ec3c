<?php

declare(strict_types=1);

namespace JadeLedger\Core\Service;

use JadeLedger\Core\Quantity\Quantity;

/** What a meter is known to have counted by today, and what it is likely to count. */
final readonly class MeterToday
{
    /** @param  Quantity|null  $hours in all; none while it was never read */
    public function __construct(public ?Quantity $hours, public ?MeterForecast $forecast)
    {
    }
}
