<?php

declare(strict_types=1);

namespace JadeLedger\Core\Telematics;

use Brick\Math\BigRational;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/** Hours as providers write them: a decimal, or a duration of days, hours, minutes and seconds. Source: ISO 8601. */
final class HoursText
{
    private const DURATION = '/^P(?:(\d+)D)?(?:T(?:(\d+)H)?(?:(\d+)M)?(?:(\d+(?:\.\d+)?)S)?)?$/D';

    private const MOST_DIGITS = 24;

    /** More than a thousand years: no counter shows it. */
    private const MOST_HOURS = 9_999_999;

    /** @return Quantity|null none where it says no hours */
    public static function read(string $text): ?Quantity
    {
        if (strlen($text) > self::MOST_DIGITS) {
            return null;
        }
        $hours = self::hours($text);

        return $hours === null || $hours->isGreaterThan(Quantity::of(self::MOST_HOURS, Unit::Hour)) ? null : $hours;
    }

    private static function hours(string $text): ?Quantity
    {
        if (preg_match('/^\d+(\.\d+)?$/D', $text) === 1) {
            return Quantity::of($text, Unit::Hour);
        }
        if (preg_match(self::DURATION, $text, $part) !== 1 || in_array($text, ['P', 'PT'], true)) {
            return null;
        }
        $figure = static fn (int $at): string => ($part[$at] ?? '') === '' ? '0' : $part[$at];
        $seconds = BigRational::of($figure(1))->multipliedBy(86_400)
            ->plus(BigRational::of($figure(2))->multipliedBy(3_600))
            ->plus(BigRational::of($figure(3))->multipliedBy(60))
            ->plus($figure(4));

        return Quantity::of($seconds, Unit::Second)->in(Unit::Hour);
    }
}
