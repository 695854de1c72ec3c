<?php

declare(strict_types=1);

namespace JadeLedger\Core\Catalogue;

use JadeLedger\Core\Limits\Platform\ReachChart;
use JadeLedger\Core\Limits\Truck\LoadChart;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Source\Source;

/** What the plate and the manual of a model say of it as a whole: loads, sizes, slopes, tanks, its reach. */
final readonly class Plate
{
    /** @param  array<string, Quantity>  $figures by name */
    public function __construct(
        public array $figures,
        public Source $source,
        public ?ReachChart $reach = null,
        public ?LoadChart $loads = null,
    ) {
    }
}
