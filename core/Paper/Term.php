<?php

declare(strict_types=1);

namespace JadeLedger\Core\Paper;

use JadeLedger\Core\Check\Paper;
use JadeLedger\Core\Quantity\Quantity;

/** When something that was done on a day has to be done again. */
final readonly class Term
{
    /** @param  Quantity|null  $hours at which it is due, if that comes first */
    private function __construct(public CalendarDate $day, public ?Quantity $hours)
    {
    }

    /** @param  Quantity|null  $at hours of the meter on that day */
    public static function of(Paper $paper, CalendarDate $done, ?Quantity $at = null): self
    {
        return new self(
            $done->plusMonths($paper->months),
            $paper->hours === null || $at === null ? null : $at->plus(Quantity::of($paper->hours, $at->unit)),
        );
    }
}
