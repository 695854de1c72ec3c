<?php

declare(strict_types=1);

namespace JadeLedger\Core\Walk;

/** What a walk costs the hand, from opening to decision. */
final readonly class WalkEffort
{
    /**
     * @param int $acts what is touched or held
     * @param int $typed characters
     * @param int $screens pages, crossings and instruments that are opened
     */
    public function __construct(public int $acts, public int $typed, public int $screens)
    {
    }

    public function plus(self $other): self
    {
        return new self($this->acts + $other->acts, $this->typed + $other->typed, $this->screens + $other->screens);
    }

    /** A character is a touch as well. */
    public function touches(): int
    {
        return $this->acts + $this->typed;
    }
}
