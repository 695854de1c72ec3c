<?php

declare(strict_types=1);

namespace App\Ledger;

use JadeLedger\Core\Service\HireSpan;
use JadeLedger\Core\Service\MeterForecast;

/** What the service of a machine looks like from a day on. */
final readonly class ServiceOutlook
{
    /**
     * @param list<PointAhead> $points the nearest first
     * @param list<HireSpan> $hires those that are not over
     * @param float|null $hoursPerDay on a day on hire; of the calendar where hires say too little
     */
    public function __construct(
        public array $points,
        public array $hires,
        public ?MeterForecast $forecast,
        public ?float $hoursPerDay,
    ) {
    }
}
