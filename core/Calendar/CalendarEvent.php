<?php

declare(strict_types=1);

namespace JadeLedger\Core\Calendar;

use JadeLedger\Core\Paper\CalendarDate;

/** Something that begins and ends, as an event of iCalendar. Source: RFC 5545, section 3.6.1. */
final readonly class CalendarEvent
{
    private function __construct(
        private string $uid,
        private string $dates,
        private \DateTimeImmutable $stamp,
        private EventStatus $status,
        private string $summary,
        private string $description,
        private string $location,
    ) {
    }

    /** @param  string  $uid that never changes and that no other event has */
    public static function between(
        string $uid,
        \DateTimeImmutable $from,
        \DateTimeImmutable $until,
        \DateTimeImmutable $stamp,
        EventStatus $status,
        string $summary,
        string $description = '',
        string $location = '',
    ): self {
        $dates = 'DTSTART:'.self::moment($from)."\nDTEND:".self::moment($until);

        return new self($uid, $dates, $stamp, $status, $summary, $description, $location);
    }

    /** @param  CalendarDate  $last the last day; the end that is written is the day after it */
    public static function onDays(
        string $uid,
        CalendarDate $first,
        CalendarDate $last,
        \DateTimeImmutable $stamp,
        string $summary,
        string $description = '',
    ): self {
        $dates = 'DTSTART;VALUE=DATE:'.self::day($first)."\nDTEND;VALUE=DATE:".self::endOf($last);

        return new self($uid, $dates, $stamp, EventStatus::Confirmed, $summary, $description, '');
    }

    /** The day after, which is how an end is written where whole days are meant. */
    public static function endOf(CalendarDate $last): string
    {
        return self::day($last->plusDays(1));
    }

    /** @return list<string> lines that are not folded yet */
    public function lines(): array
    {
        return [
            'BEGIN:VEVENT',
            "UID:{$this->uid}",
            'DTSTAMP:'.self::moment($this->stamp),
            ...explode("\n", $this->dates),
            "STATUS:{$this->status->value}",
            'SUMMARY:'.CalendarText::escape($this->summary),
            ...($this->description === '' ? [] : ['DESCRIPTION:'.CalendarText::escape($this->description)]),
            ...($this->location === '' ? [] : ['LOCATION:'.CalendarText::escape($this->location)]),
            'END:VEVENT',
        ];
    }

    private static function moment(\DateTimeImmutable $moment): string
    {
        return $moment->setTimezone(new \DateTimeZone('UTC'))->format('Ymd\THis\Z');
    }

    private static function day(CalendarDate $day): string
    {
        return str_replace('-', '', $day->text());
    }
}
