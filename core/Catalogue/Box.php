<?php

declare(strict_types=1);

namespace JadeLedger\Core\Catalogue;

/** A rectangle on the plan drawing, in centimetres. */
final readonly class Box
{
    public function __construct(public float $left, public float $top, public float $right, public float $bottom)
    {
    }

    public function widenedBy(float $centimetres): self
    {
        return new self(
            $this->left - $centimetres,
            $this->top - $centimetres,
            $this->right + $centimetres,
            $this->bottom + $centimetres,
        );
    }

    public function middle(): Point
    {
        return new Point(($this->left + $this->right) / 2, ($this->top + $this->bottom) / 2);
    }

    public function holds(Point $point): bool
    {
        return $point->x >= $this->left &&
            $point->x <= $this->right &&
            $point->y >= $this->top &&
            $point->y <= $this->bottom;
    }

    public function area(): float
    {
        return ($this->right - $this->left) * ($this->bottom - $this->top);
    }
}
