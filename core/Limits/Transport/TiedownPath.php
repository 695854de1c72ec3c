<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Transport;

use Brick\Math\BigRational;

/**
 * How a tiedown runs; one that anchors on the other side counts in full, any other by half.
 *
 * Source: 49 CFR 393.106(d).
 */
enum TiedownPath: string
{
    case Direct = 'direct';
    case SameSide = 'same_side';
    case OverToOtherSide = 'over_to_other_side';

    public function share(): BigRational
    {
        return BigRational::of($this === self::OverToOtherSide ? 1 : '1/2');
    }
}
