<?php

declare(strict_types=1);

namespace JadeLedger\Core\Service;

use JadeLedger\Core\Paper\CalendarDate;
use JadeLedger\Core\Quantity\Quantity;

/** After how much use, and after how much time, something is due again: whichever comes first. */
final readonly class Interval
{
    private function __construct(public ?Quantity $hours, public int $months, public int $days)
    {
    }

    /**
     * @param Quantity|null $hours of use, more than nought
     * @param int $months of the calendar, 0 for none
     * @param int $days of the calendar beside them, 0 for none
     *
     * @throws IntervalIsEmpty when it would be due at once, for ever
     */
    public static function every(?Quantity $hours, int $months = 0, int $days = 0): self
    {
        $hasHours = $hours !== null && ! $hours->isZero() && ! $hours->isNegative();
        if ($months < 0 || $days < 0 || ($hours !== null && ! $hasHours) || (! $hasHours && $months + $days === 0)) {
            throw new IntervalIsEmpty;
        }

        return new self($hours, $months, $days);
    }

    /** The day on which it is over; none where it goes by use alone. */
    public function after(CalendarDate $day): ?CalendarDate
    {
        return $this->months + $this->days === 0 ? null : $day->plusMonths($this->months)->plusDays($this->days);
    }
}
