<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Truck;

use JadeLedger\Core\Limits\Platform\ReachChart;
use JadeLedger\Core\Quantity\Quantity;

/** Where a telescopic handler may hold a load of a mass. */
final readonly class LoadZone
{
    public function __construct(public Quantity $load, public ReachChart $where)
    {
    }
}
