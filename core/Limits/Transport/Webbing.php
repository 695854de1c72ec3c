<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Transport;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/** Working load limit of webbing that carries no mark, by its width. Source: 49 CFR 393.108. */
enum Webbing: string
{
    case OneAndThreeQuarters = '1.75';
    case Two = '2';
    case Three = '3';
    case Four = '4';

    public function limit(): Quantity
    {
        return Quantity::of($this->value, Unit::Inch)->ratioTo(Quantity::of(1, Unit::Inch))->isEqualTo('7/4')
            ? Quantity::of(1750, Unit::Pound)
            : Quantity::of((int) $this->value * 1000, Unit::Pound);
    }
}
