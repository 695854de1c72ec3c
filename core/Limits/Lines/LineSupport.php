<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Lines;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/**
 * What a line hangs on, and how far cranes and tall plant stay away from it, besides the length of their jib. Older
 * guidance: the operator of the network is asked. Source: HSE GS6, from memory, to be confirmed.
 */
enum LineSupport: string
{
    case Tower = 'tower';
    case Pole = 'pole';

    public function distance(Quantity $jib): Quantity
    {
        return Quantity::of($this === self::Tower ? 15 : 9, Unit::Metre)->plus($jib);
    }
}
