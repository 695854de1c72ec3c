<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Words;
use Carbon\CarbonInterface;
use IntlDateFormatter;
use JadeLedger\Core\Paper\CalendarDate;

/**
 * A day or a moment inside a sentence, as the reader's language writes it: 3 Dec 2026, 3 Dec 2026, 14:05.
 *
 * Source of the names of months and of the locales: Unicode CLDR, as the interface has them from the browser.
 */
final class WrittenDate
{
    public static function day(CalendarDate $day): string
    {
        return self::written('d MMM y', gmmktime(12, 0, 0, $day->month, $day->day, $day->year), 'UTC');
    }

    /** A text that names a day as ISO 8601 does is written out; any other text stands as it is. */
    public static function ifDay(string $text): string
    {
        return CalendarDate::isOne($text) ? self::day(CalendarDate::parse($text)) : $text;
    }

    /** @param  string  $zone  of the yard, as the tz database names it */
    public static function moment(CarbonInterface $moment, string $zone): string
    {
        return self::written('d MMM y, HH:mm', $moment->getTimestamp(), $zone);
    }

    private static function written(string $pattern, int|false $timestamp, string $zone): string
    {
        $format = new IntlDateFormatter(
            Words::say('words.locale'),
            IntlDateFormatter::NONE,
            IntlDateFormatter::NONE,
            $zone,
            IntlDateFormatter::GREGORIAN,
            $pattern,
        );

        return (string) $format->format((int) $timestamp);
    }
}
