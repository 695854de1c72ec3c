<?php

declare(strict_types=1);

namespace JadeLedger\Core\Calendar;

/**
 * A line of iCalendar, folded: at most 75 octets without its end, each further line begins with a space that counts,
 * and
 * no character of several octets is parted. Source: RFC 5545, section 3.1.
 */
final readonly class CalendarLine
{
    private const OCTETS = 75;

    /** @return non-empty-list<string> without their ends */
    public static function fold(string $line): array
    {
        $lines = [];
        $current = '';
        foreach (mb_str_split($line) as $character) {
            if (strlen($current) + strlen($character) > self::OCTETS) {
                $lines[] = $current;
                $current = ' ';
            }
            $current .= $character;
        }

        return [...$lines, $current];
    }
}
