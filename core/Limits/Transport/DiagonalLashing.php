<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Transport;

use JadeLedger\Core\Quantity\Figure;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/**
 * What each of two lashings that pull against a direction has to hold: four crossed ones, looked at in all three.
 *
 * Source: EN 12195-1:2010, diagonal lashing, from memory, to be confirmed.
 */
final readonly class DiagonalLashing
{
    private const GRAVITY = 9.81;

    private const OF_FRICTION = 0.75;

    /**
     * @param float $friction coefficient between load and bed, at least 0
     * @param float $alpha angle of the lashing to the bed, degrees
     * @param float $beta angle to the direction that is looked at, degrees
     */
    public function __construct(private float $friction, private float $alpha, private float $beta)
    {
    }

    public function capacity(Quantity $mass, Direction $direction): Quantity
    {
        $friction = $this->friction * self::OF_FRICTION;
        $slides = $direction->acceleration()->toFloat() - $friction;
        $holds = cos(deg2rad($this->alpha)) * cos(deg2rad($this->beta)) + $friction * sin(deg2rad($this->alpha));
        $newtons = Figure::float($mass, Unit::Kilogram) * self::GRAVITY * $slides / (2 * $holds);

        return Figure::of(max(0.0, $newtons), Unit::Newton);
    }
}
