<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Earthmoving;

use Brick\Math\BigRational;
use JadeLedger\Core\Quantity\Quantity;

/**
 * What a loader is and carries with; which share of its tipping load it may be rated at follows from it.
 *
 * Source: ISO 14397-1 for buckets; EN 474-3 for forks, from memory, to be confirmed.
 */
enum LoaderKind: string
{
    case WheeledBucket = 'wheeled_bucket';
    case SkidWheeledBucket = 'skid_wheeled_bucket';
    case CrawlerBucket = 'crawler_bucket';
    case ForksOnRough = 'forks_rough';
    case ForksOnFirm = 'forks_firm';

    public function share(): BigRational
    {
        return BigRational::of(match ($this) {
            self::WheeledBucket, self::SkidWheeledBucket => '50/100',
            self::CrawlerBucket => '35/100',
            self::ForksOnRough => '60/100',
            self::ForksOnFirm => '80/100',
        });
    }

    /** @param  Quantity  $tipping load; of an articulated machine the one at full turn */
    public function ratedCapacity(Quantity $tipping): Quantity
    {
        return $tipping->times($this->share());
    }
}
