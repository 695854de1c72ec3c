<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Transport;

use Brick\Math\BigRational;
use JadeLedger\Core\Quantity\Quantity;

/**
 * Where a load wants to go on the road, and with which share of its weight.
 *
 * Source: 49 CFR 393.102(a); EN 12195-1 has the same for roads, and its factor of safety for lashings over the top.
 */
enum Direction: string
{
    case Forward = 'forward';
    case Rearward = 'rearward';
    case Sideways = 'sideways';

    public function acceleration(): BigRational
    {
        return BigRational::of($this === self::Forward ? '8/10' : '5/10');
    }

    public function safetyOfFriction(): BigRational
    {
        return BigRational::of($this === self::Forward ? '125/100' : '11/10');
    }

    /** Force of a load in this direction. */
    public function force(Quantity $weight): Quantity
    {
        return $weight->times($this->acceleration());
    }
}
