<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading;

use JadeLedger\Core\Check\Condition;

/**
 * Whether a reading means anything: every condition of its instrument has to be held when it is taken.
 *
 * A condition that nobody looked at counts as not held.
 */
final readonly class Validity
{
    /**
     * @param list<string> $held ids of conditions
     * @param list<string> $missing ids of conditions
     */
    private function __construct(public array $held, public array $missing)
    {
    }

    /**
     * @param list<Condition> $conditions
     * @param list<Observed> $observations
     */
    public static function of(array $conditions, array $observations): self
    {
        $held = [];
        $missing = [];
        foreach ($conditions as $condition) {
            if (self::isHeld($condition, $observations)) {
                $held[] = $condition->id;
            } else {
                $missing[] = $condition->id;
            }
        }

        return new self($held, $missing);
    }

    public function isWhole(): bool
    {
        return $this->missing === [];
    }

    /** @param  list<Observed>  $observations */
    private static function isHeld(Condition $condition, array $observations): bool
    {
        foreach ($observations as $observation) {
            if ($observation->conditionId !== $condition->id) {
                continue;
            }
            if ($observation->measured === null) {
                return $observation->seen && ! $condition->wantsFigure;
            }

            return $condition->isMeasured()
                && ($condition->atLeast === null || ! $observation->measured->isLessThan($condition->atLeast))
                && ($condition->atMost === null || ! $observation->measured->isGreaterThan($condition->atMost));
        }

        return false;
    }
}
