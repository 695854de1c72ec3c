<?php

declare(strict_types=1);

namespace JadeLedger\Core\Calendar;

/** A text as a value of iCalendar. Source: RFC 5545, section 3.3.11. */
final readonly class CalendarText
{
    public static function escape(string $text): string
    {
        return strtr(str_replace(["\r\n", "\r"], "\n", $text), [
            '\\' => '\\\\', ';' => '\;', ',' => '\,', "\n" => '\n',
        ]);
    }
}
