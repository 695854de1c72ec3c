<?php

declare(strict_types=1);

namespace JadeLedger\Core\Service;

use JadeLedger\Core\Paper\CalendarDate;
use JadeLedger\Core\Quantity\Quantity;

/** After how much use, how much time and how many hires something is due again: whichever comes first. */
final readonly class Interval
{
    private function __construct(public ?Quantity $hours, public int $months, public int $days, public int $hires)
    {
    }

    /**
     * @param Quantity|null $hours of use, more than nought
     * @param int $months of the calendar, 0 for none
     * @param int $days of the calendar beside them, 0 for none
     * @param int $hires that the machine came back from, 0 where they do not count
     *
     * @throws IntervalIsEmpty when it would be due at once, for ever
     */
    public static function every(?Quantity $hours, int $months = 0, int $days = 0, int $hires = 0): self
    {
        $hasHours = $hours !== null && ! $hours->isZero() && ! $hours->isNegative();
        $isNegative = min($months, $days, $hires) < 0;
        if ($isNegative || ($hours !== null && ! $hasHours) || (! $hasHours && $months + $days + $hires === 0)) {
            throw new IntervalIsEmpty;
        }

        return new self($hours, $months, $days, $hires);
    }

    /** The day on which it is over; none where it goes by use alone. */
    public function after(CalendarDate $day): ?CalendarDate
    {
        return $this->months + $this->days === 0 ? null : $day->plusMonths($this->months)->plusDays($this->days);
    }
}
