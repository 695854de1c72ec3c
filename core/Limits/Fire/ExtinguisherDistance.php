<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Fire;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/** How far one walks at most to an extinguisher. Source: 29 CFR 1910.157(d)(2) and (4). */
enum ExtinguisherDistance: string
{
    case A = 'A';
    case B = 'B';

    public function most(): Quantity
    {
        return Quantity::of($this === self::A ? 75 : 50, Unit::Foot);
    }
}
