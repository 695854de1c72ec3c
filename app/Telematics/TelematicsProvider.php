<?php

declare(strict_types=1);

namespace App\Telematics;

use JadeLedger\Core\Telematics\FleetSnapshot;

/** Whoever answers with snapshots of the fleet. */
interface TelematicsProvider
{
    /**
     * @return iterable<FleetSnapshot> page by page
     *
     * @throws ProviderFailed when it does not answer, or with something else
     */
    public function snapshots(): iterable;
}
