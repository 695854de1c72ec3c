<?php

declare(strict_types=1);

namespace JadeLedger\Core\Walk;

use JadeLedger\Core\Catalogue\Station;

final readonly class RouteStop
{
    /** @param  non-empty-list<PlannedLine>  $lines */
    public function __construct(public Station $station, public array $lines)
    {
    }
}
