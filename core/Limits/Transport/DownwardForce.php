<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Transport;

use JadeLedger\Core\Quantity\Quantity;

/** What holds a load down that is not contained: a fifth of its weight. Source: 49 CFR 393.102(b). */
final readonly class DownwardForce
{
    public static function of(Quantity $weight): Quantity
    {
        return $weight->dividedBy(5);
    }
}
