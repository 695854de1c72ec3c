<?php

declare(strict_types=1);

namespace App\Presenters;

/** Figures as they are read aloud in the yard: no zeros at the end, a true minus. */
final class Figure
{
    /** Decimal text without zeros at its end: "18.000" becomes "18". */
    public static function plain(string $decimal): string
    {
        return str_contains($decimal, '.') ? rtrim(rtrim($decimal, '0'), '.') : $decimal;
    }

    public static function orNull(?string $decimal): ?string
    {
        return $decimal === null ? null : self::plain($decimal);
    }
}
