<?php

declare(strict_types=1);

namespace JadeLedger\Core\Paper;

use JadeLedger\Core\Quantity\Quantity;

/** The days that a paper has to cover, and what the hour meter shows. */
final readonly class HireDays
{
    /**
     * @param CalendarDate $end of the hire; the day itself where nothing goes out
     * @param Quantity|null $hours of the meter, where it is known
     */
    public function __construct(public CalendarDate $today, public CalendarDate $end, public ?Quantity $hours = null)
    {
    }
}
