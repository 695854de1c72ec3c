<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Sheet;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Verdict\Phrase;

/**
 * A mass that is far beyond a limit, and would be within it if the same digits were pounds: most likely a slip. It is
 * said, never changed. Half as much again: common practice, no source.
 */
final readonly class PoundsForKilograms
{
    private const FAR_BEYOND = '3/2';

    /** @return list<Phrase> one, or none */
    public static function doubt(Quantity $mass, Quantity $limit): array
    {
        $asPounds = Quantity::of($mass->in(Unit::Kilogram)->decimal(3, RoundingMode::HALF_UP), Unit::Pound);
        $isSlip = $mass->isGreaterThan($limit->times(BigRational::of(self::FAR_BEYOND)))
            && ! $asPounds->isGreaterThan($limit);

        return $isSlip
            ? [
                new Phrase('limits.maybe_pounds', [
                    'typed' => $mass->in(Unit::Kilogram)->text(),
                    'meant' => $asPounds->in(Unit::Kilogram)->decimal(0, RoundingMode::HALF_UP)->__toString(),
                ]),
            ]
            : [];
    }
}
