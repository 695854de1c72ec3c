<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Reading\Fluids\Face;

/** Everything that was noted when an instrument was read. */
final readonly class Observation
{
    /**
     * @param list<Observed> $conditions
     * @param list<Quantity> $points every figure, where it is read at several points; the value is the worst of them
     * @param Quantity|null $otherSide what was read at the other side of the machine
     */
    public function __construct(
        public Quantity $value,
        public array $conditions = [],
        public ?Face $face = null,
        public ?string $look = null,
        public array $points = [],
        public ?Quantity $otherSide = null,
    ) {
    }

    /** What was measured under a condition; none when nobody noted it. */
    public function measured(string $conditionId): ?Quantity
    {
        foreach ($this->conditions as $observed) {
            if ($observed->conditionId === $conditionId) {
                return $observed->measured;
            }
        }

        return null;
    }
}
