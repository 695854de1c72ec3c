<?php

declare(strict_types=1);

namespace App\Presenters;

use Carbon\CarbonInterface;

/** A moment as the API writes it: RFC 3339, UTC, to the microsecond. */
final class Moment
{
    public static function text(CarbonInterface $moment): string
    {
        return $moment->toImmutable()->utc()->format('Y-m-d\TH:i:s.u\Z');
    }

    public static function orNull(?CarbonInterface $moment): ?string
    {
        return $moment === null ? null : self::text($moment);
    }
}
