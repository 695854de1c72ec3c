<?php

declare(strict_types=1);

namespace JadeLedger\Core\Walk;

/**
 * Divides the lines of a stop among pages that are read at a glance, in the order of the walk.
 *
 * A line is never cut in two: all steps of a test stand on one page. Fourteen things and nine rows a page: a tablet
 * held in one hand, our own choice.
 */
final class DivideStop
{
    public const MOST_ITEMS = 14;

    public const MOST_ROWS = 9.0;

    /** @return non-empty-list<Leaf> */
    public function into(Visit $visit): array
    {
        $leaves = [];
        $lines = [$visit->lines[0]];
        foreach (array_slice($visit->lines, 1) as $line) {
            if ($this->fits(Leaf::of([...$lines, $line]))) {
                $lines[] = $line;
            } else {
                $leaves[] = Leaf::of($lines);
                $lines = [$line];
            }
        }
        $leaves[] = Leaf::of($lines);

        return $leaves;
    }

    private function fits(Leaf $leaf): bool
    {
        return $leaf->items() <= self::MOST_ITEMS && $leaf->rows() <= self::MOST_ROWS;
    }
}
