<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Truck;

use JadeLedger\Core\Limits\Platform\ReachPoint;
use JadeLedger\Core\Quantity\Quantity;

/** The load chart of a telescopic handler: zones of the maker's chart, each with the load that may be held in it. */
final readonly class LoadChart
{
    /** @param  non-empty-list<LoadZone>  $zones */
    public function __construct(public array $zones)
    {
    }

    /** The greatest load whose zone holds the point; none where the point lies in no zone. */
    public function loadAt(ReachPoint $point): ?Quantity
    {
        $most = null;
        foreach ($this->zones as $zone) {
            if ($zone->where->contains($point) && ($most === null || $zone->load->isGreaterThan($most))) {
                $most = $zone->load;
            }
        }

        return $most;
    }
}
