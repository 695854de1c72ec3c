<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Platform;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/** How fast a platform may travel while it is raised. Source: EN 280, from memory, to be confirmed. */
enum RaisedTravel: string
{
    case SelfPropelled = 'self_propelled';
    case VehicleMounted = 'vehicle_mounted';
    case RailMounted = 'rail_mounted';

    public function most(): Quantity
    {
        return Quantity::of(match ($this) {
            self::SelfPropelled => '0.7',
            self::VehicleMounted => '1.5',
            self::RailMounted => '3',
        }, Unit::MetrePerSecond);
    }
}
