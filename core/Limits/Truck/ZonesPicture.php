<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Truck;

use JadeLedger\Core\Limits\Platform\ReachPoint;
use JadeLedger\Core\Limits\Sheet\SheetPicture;

/** The zones of a load chart with the point at which a load is to be held. */
final readonly class ZonesPicture implements SheetPicture
{
    public function __construct(public LoadChart $chart, public ReachPoint $job)
    {
    }
}
