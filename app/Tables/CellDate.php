<?php

declare(strict_types=1);

namespace App\Tables;

use Carbon\CarbonImmutable;

/** A day in a cell of a table: 2026-11-25, or as offices write it with the day first, 25.11.2026 or 25/11/2026. */
final class CellDate
{
    /** @return string|null year, month and day as in 2026-11-25; null of an empty cell, the cell itself where it is no day */
    public static function of(string $cell): ?string
    {
        if ($cell === '') {
            return null;
        }
        foreach (['Y-m-d', 'd.m.Y', 'j.n.Y', 'd/m/Y', 'j/n/Y'] as $format) {
            $day = CarbonImmutable::canBeCreatedFromFormat($cell, $format)
                ? CarbonImmutable::createFromFormat("!{$format}", $cell, 'UTC')
                : null;
            if ($day !== null && $day->format($format) === $cell) {
                return $day->format('Y-m-d');
            }
        }

        return $cell;
    }
}
