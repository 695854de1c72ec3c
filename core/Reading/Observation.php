<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading;

use JadeLedger\Core\Meter\MeterHistory;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Reading\Fluids\Face;

/** Everything that was noted when an instrument was read. */
final readonly class Observation
{
    /**
     * @param list<Observed> $conditions
     * @param list<Quantity> $points every figure, where it is read at several points; the value is the worst of them
     * @param Quantity|null $otherSide what was read at the other side of the machine
     * @param MeterHistory|null $history what the hour meter showed before
     */
    public function __construct(
        public Quantity $value,
        public array $conditions = [],
        public ?Face $face = null,
        public ?string $look = null,
        public array $points = [],
        public ?Quantity $otherSide = null,
        public ?MeterHistory $history = null,
    ) {
    }

    public function after(MeterHistory $history): self
    {
        return new self(
            $this->value,
            $this->conditions,
            $this->face,
            $this->look,
            $this->points,
            $this->otherSide,
            $history,
        );
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
