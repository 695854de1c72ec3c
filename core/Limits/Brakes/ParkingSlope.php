<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Brakes;

use JadeLedger\Core\Quantity\Slope;

/** Slope that a parking brake holds. Source: ISO 3450, from memory, to be confirmed; a yard tests by the manual. */
enum ParkingSlope: string
{
    case WheeledEarthmoving = 'wheeled_emm';
    case Dumper = 'dumper';
    case IndustrialTruck = 'industrial_truck';

    public function slope(): Slope
    {
        return Slope::percent($this === self::WheeledEarthmoving ? 20 : 15);
    }
}
