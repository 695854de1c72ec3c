<?php

declare(strict_types=1);

namespace JadeLedger\Core\Calendar;

/** Events as a file of iCalendar. Source: RFC 5545, sections 3.4 and 3.6. */
final readonly class Calendar
{
    /** @param  list<CalendarEvent>  $events */
    public function __construct(private string $name, private array $events)
    {
    }

    public function text(): string
    {
        $lines = [
            'BEGIN:VCALENDAR',
            'VERSION:2.0',
            'PRODID:-//Jade Ledger//Hires//EN',
            'METHOD:PUBLISH',
            // Not of the RFC, and read by most: what the calendar is called where it is shown.
            'X-WR-CALNAME:'.CalendarText::escape($this->name),
            ...array_merge(...array_map(static fn (CalendarEvent $event): array => $event->lines(), $this->events)),
            'END:VCALENDAR',
        ];

        return implode("\r\n", array_merge(...array_map(CalendarLine::fold(...), $lines)))."\r\n";
    }
}
