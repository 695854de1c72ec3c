<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Earthmoving;

use Brick\Math\BigRational;
use JadeLedger\Core\Quantity\Quantity;

/**
 * What an excavator may lift at a point: three quarters of what tips it, and 87 % of what its hydraulics lift.
 *
 * Source: ISO 10567.
 */
final readonly class RatedLift
{
    private const OF_TIPPING = '75/100';

    private const OF_HYDRAULIC = '87/100';

    private function __construct(public Quantity $load, public LimitedBy $limitedBy)
    {
    }

    public static function of(Quantity $tipping, Quantity $hydraulic): self
    {
        $byTipping = $tipping->times(BigRational::of(self::OF_TIPPING));
        $byHydraulic = $hydraulic->times(BigRational::of(self::OF_HYDRAULIC));

        return $byHydraulic->isLessThan($byTipping)
            ? new self($byHydraulic, LimitedBy::Hydraulic)
            : new self($byTipping, LimitedBy::Tipping);
    }
}
