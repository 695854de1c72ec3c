<?php

declare(strict_types=1);

namespace JadeLedger\Core\Service;

use JadeLedger\Core\Paper\CalendarDate;
use JadeLedger\Core\Quantity\Quantity;

/** When a point is due next: at so many hours, on such a day, whichever comes first. */
final readonly class DueAt
{
    private function __construct(public ?Quantity $hours, public ?CalendarDate $on)
    {
    }

    public static function after(ServicePoint $point, WorkDone $done): self
    {
        $every = $point->every;
        // Done with a larger one it was due for itself, if at all: what that one was due for says nothing of it.
        $isDue = $point->counts === CountsFrom::Due && $done->point === $point->id;

        return new self(
            $every->hours === null || $done->hours === null
                ? null
                : self::next($isDue ? $done->wasDueAt : null, $done->hours, $every->hours),
            self::nextDay($isDue ? $done->wasDueOn : null, $done->on, $every),
        );
    }

    /** One that was done so late that the next one is past already is not due at once again. */
    private static function next(?Quantity $due, Quantity $done, Quantity $every): Quantity
    {
        $next = ($due ?? $done)->plus($every);
        while (! $next->isGreaterThan($done)) {
            $next = $next->plus($every);
        }

        return $next;
    }

    private static function nextDay(?CalendarDate $due, CalendarDate $done, Interval $every): ?CalendarDate
    {
        $next = $every->after($due ?? $done);
        while ($next !== null && ! $done->isBefore($next)) {
            $next = $every->after($next);
        }

        return $next;
    }
}
