<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Tyres;

use Brick\Math\BigRational;
use JadeLedger\Core\Quantity\Quantity;

/** Percent of what may be worn off that is worn; it holds for what grows as well. Source: linear wear, definition. */
final readonly class WearShare
{
    public static function percent(Quantity $new, Quantity $limit, Quantity $measured): BigRational
    {
        return $new->minus($measured)->ratioTo($new->minus($limit))->multipliedBy(100)->simplified();
    }
}
