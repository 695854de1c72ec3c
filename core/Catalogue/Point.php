<?php

declare(strict_types=1);

namespace JadeLedger\Core\Catalogue;

/**
 * A place on the plan drawing in centimetres: front to the left (-x), the machine's left-hand side at the foot (+y).
 */
final readonly class Point
{
    public function __construct(public float $x, public float $y)
    {
    }

    public function distanceTo(self $other): float
    {
        return hypot($other->x - $this->x, $other->y - $this->y);
    }
}
