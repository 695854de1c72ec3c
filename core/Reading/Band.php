<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Verdict\Outcome;

/** A stretch of a scale, and what a figure in it means. */
final readonly class Band
{
    /**
     * @param Quantity|null $upTo none for the last one, which has no end
     * @param string $says key of the sentence
     * @param string|null $act key of what to do
     */
    private function __construct(
        public Outcome $outcome,
        public ?Quantity $upTo,
        public Edge $edge,
        public string $says,
        public ?string $act,
    ) {
    }

    public static function upTo(Quantity $end, Edge $edge, Outcome $outcome, string $says, ?string $act = null): self
    {
        return new self($outcome, $end, $edge, $says, $act);
    }

    public static function andAbove(Outcome $outcome, string $says, ?string $act = null): self
    {
        return new self($outcome, null, Edge::Included, $says, $act);
    }

    public function holds(Quantity $value): bool
    {
        if ($this->upTo === null) {
            return true;
        }

        return $this->edge === Edge::Included ? ! $value->isGreaterThan($this->upTo) : $value->isLessThan($this->upTo);
    }
}
