<?php

declare(strict_types=1);

namespace JadeLedger\Core\Meter;

/**
 * A line through points that a few wrong ones do not move: the median of the slopes of all pairs, and the intercept as
 * median(y) − slope · median(x). Pairs with equal x have no slope and are left out; of an even number the two in the
 * middle are averaged. Source: Theil 1950, Sen 1968.
 */
final readonly class TheilSen
{
    private function __construct(public float $slope, public float $intercept)
    {
    }

    /** @param  list<PlottedPoint>  $points  in any order; null where no two of them have different x */
    public static function through(array $points): ?self
    {
        $slopes = [];
        foreach ($points as $at => $one) {
            foreach (array_slice($points, $at + 1) as $other) {
                if ($one->x !== $other->x) {
                    $slopes[] = ($other->y - $one->y) / ($other->x - $one->x);
                }
            }
        }
        if ($slopes === []) {
            return null;
        }
        $slope = self::median($slopes);
        $xs = array_map(static fn (PlottedPoint $point): float => $point->x, $points);
        $ys = array_map(static fn (PlottedPoint $point): float => $point->y, $points);

        return new self($slope, self::median($ys) - $slope * self::median($xs));
    }

    /** @param  non-empty-list<float>|list<float>  $values */
    private static function median(array $values): float
    {
        sort($values);
        $middle = intdiv(count($values), 2);

        return count($values) % 2 === 1 ? $values[$middle] : ($values[$middle - 1] + $values[$middle]) / 2;
    }
}
