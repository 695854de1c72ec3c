<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Truck;

use Brick\Math\BigRational;
use JadeLedger\Core\Quantity\Quantity;

/**
 * What a counterbalance truck carries when its load lies further out than its plate assumes.
 *
 * Moments about the front axle: what the truck may carry times its distance stays the same, and is never more than the
 * plate says. A rule of thumb: height, tilt and attachments lower it further, and the plate of the combination wins.
 * Source: statics; the plate governs, 29 CFR 1910.178(a)(6).
 */
final readonly class LoadCentre
{
    /**
     * @param Quantity $rated load of the plate
     * @param Quantity $centre of load that the plate assumes, from the face of the fork
     * @param Quantity|null $axle distance from the front axle to the face of the fork; none where it is not known
     */
    public function __construct(public Quantity $rated, public Quantity $centre, public ?Quantity $axle)
    {
    }

    /** Without the distance of the axle the simple rule holds, which is on the safe side for a load further out. */
    public function capacityAt(Quantity $centre): Quantity
    {
        return $this->axle === null ? $this->simple($centre) : $this->atMostRated(
            $this->axle->plus($this->centre)->ratioTo($this->axle->plus($centre)),
        );
    }

    public function simple(Quantity $centre): Quantity
    {
        return $this->atMostRated($this->centre->ratioTo($centre));
    }

    private function atMostRated(BigRational $share): Quantity
    {
        return $share->isGreaterThan(1) ? $this->rated : $this->rated->times($share);
    }
}
