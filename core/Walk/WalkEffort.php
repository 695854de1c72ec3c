<?php

declare(strict_types=1);

namespace JadeLedger\Core\Walk;

/** What a walk costs the hand, from opening to decision. */
final readonly class WalkEffort
{
    /**
     * @param int $touches acts and typed characters
     * @param int $screens pages, crossings and instruments that are opened
     */
    public function __construct(public int $touches, public int $screens)
    {
    }

    public function plus(int $touches, int $screens = 0): self
    {
        return new self($this->touches + $touches, $this->screens + $screens);
    }
}
