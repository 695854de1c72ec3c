<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Sheet;

use Brick\Math\RoundingMode;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Reading\Phrase;

/**
 * A mass that is beyond a limit, and would be well within it if the same digits were pounds: most likely a slip. It is
 * said, never changed. Common practice, no source.
 */
final readonly class PoundsForKilograms
{
    /** @return list<Phrase> one, or none */
    public static function doubt(Quantity $mass, Quantity $limit): array
    {
        $asPounds = Quantity::of($mass->in(Unit::Kilogram)->decimal(3, RoundingMode::HALF_UP), Unit::Pound);
        $isSlip =
            $mass->isGreaterThan($limit) &&
            ! $asPounds->isGreaterThan($limit) &&
            $asPounds->ratioTo($limit)->isGreaterThan('1/2');

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
