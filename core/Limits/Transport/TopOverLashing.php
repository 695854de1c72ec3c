<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Transport;

use JadeLedger\Core\Quantity\Figure;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/**
 * How many lashings over the top keep a load still by friction alone. A machine on wheels wants blocking or direct
 * lashing as well.
 *
 * Source: EN 12195-1:2010, frictional lashing: n = (c - mu) m g f / (2 mu sin(alpha) F).
 */
final readonly class TopOverLashing
{
    private const GRAVITY = 9.81;

    /**
     * @param float $friction coefficient between load and bed, above 0
     * @param float $angle of the lashing to the bed, degrees, above 0 and at most 90
     * @param Quantity $tension that the tensioner puts into the lashing (STF)
     */
    public function __construct(private float $friction, private float $angle, private Quantity $tension)
    {
    }

    /** The number before it is rounded up; nothing where friction alone holds the load. */
    public function exact(Quantity $mass, Direction $direction): float
    {
        $slides = $direction->acceleration()->toFloat() - $this->friction;
        $newtons = Figure::float($mass, Unit::Kilogram) * self::GRAVITY * $direction->safetyOfFriction()->toFloat();
        $holds = 2 * $this->friction * sin(deg2rad($this->angle)) * Figure::float($this->tension, Unit::Newton);

        return max(0.0, $slides * $newtons / $holds);
    }

    public function least(Quantity $mass, Direction $direction): int
    {
        return (int) ceil($this->exact($mass, $direction) - 1e-9);
    }
}
