<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Verdict\Outcome;

/** Of several figures the one whose verdict weighs most; of those that weigh the same, the one that is furthest off. */
final class WorstOf
{
    /**
     * @param non-empty-list<Quantity> $figures
     * @param \Closure(Quantity): Outcome $outcome what a figure alone would come to
     * @param \Closure(Quantity, Quantity): int $farther above nought where the first is further off than the second
     */
    public static function these(array $figures, \Closure $outcome, \Closure $farther): Quantity
    {
        $worst = $figures[0];
        foreach ($figures as $one) {
            $heavier = $outcome($one)->weight() <=> $outcome($worst)->weight();
            if ($heavier > 0 || ($heavier === 0 && $farther($one, $worst) > 0)) {
                $worst = $one;
            }
        }

        return $worst;
    }
}
