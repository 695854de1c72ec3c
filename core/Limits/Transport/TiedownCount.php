<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Transport;

use Brick\Math\RoundingMode;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/**
 * How many tiedowns a load wants at least, by its length and weight. Heavy machines want four: see HeavyMachine.
 *
 * Source: 49 CFR 393.110(b), not blocked to the front, and (c), blocked by a header board or other cargo.
 */
enum TiedownCount
{
    case NotBlocked;
    case Blocked;

    public function least(Quantity $length, Quantity $weight): int
    {
        $tens = $length->ratioTo(Quantity::of(10, Unit::Foot))->toScale(0, RoundingMode::CEILING)->toInt();
        if ($this === self::Blocked) {
            return max(1, $tens);
        }
        if ($tens > 1) {
            return 2 + $tens - 1;
        }
        $isShort = ! $length->isGreaterThan(Quantity::of(5, Unit::Foot));
        $isLight = ! $weight->isGreaterThan(Quantity::of(1100, Unit::Pound));

        return $isShort && $isLight ? 1 : 2;
    }
}
