<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Transport;

use Brick\Math\BigRational;
use JadeLedger\Core\Quantity\Quantity;

/** Whether a load stays upright by itself. Source: EN 12195-1, stability; statics. */
final readonly class LoadStability
{
    /**
     * @param Quantity $toTheEdge from the centre of gravity to the edge over which it would tip
     * @param Quantity $height of the centre of gravity
     */
    public function __construct(private Quantity $toTheEdge, private Quantity $height)
    {
    }

    public function ratio(): BigRational
    {
        return $this->toTheEdge->ratioTo($this->height);
    }

    public function holdsAgainst(BigRational $acceleration): bool
    {
        return $this->ratio()->isGreaterThan($acceleration);
    }
}
