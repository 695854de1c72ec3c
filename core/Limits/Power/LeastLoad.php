<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Power;

use JadeLedger\Core\Quantity\Quantity;

/**
 * A diesel set that runs below 30 % of its rating for long soots up.
 *
 * Source: NFPA 110 monthly exercise, at least 30 % of the nameplate.
 */
final readonly class LeastLoad
{
    private const SHARE = '30/100';

    public static function isLow(Quantity $rated, Quantity $load): bool
    {
        return $load->ratioTo($rated)->isLessThan(self::SHARE);
    }
}
