<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Lines;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/** Distances from a line that grow with each kilovolt beyond fifty. */
final readonly class ClearanceByVoltage
{
    private function __construct(public Quantity $proRata, public Quantity $stepped)
    {
    }

    /**
     * 10 ft, and 4 in for each 10 kV beyond 50; with the structure lowered and on the move 4 ft in place of 10. Each
     * 10 kV that is begun counts in full: the safe side, and what is shown.
     *
     * Source: 29 CFR 1910.333(c)(3)(i)(A) and (iii)(A).
     */
    public static function generalIndustry(Quantity $voltage, LineMovement $movement): self
    {
        $base = Quantity::of($movement === LineMovement::InTransit ? 4 : 10, Unit::Foot);
        $tens = self::beyondFifty($voltage)->dividedBy(10);
        $step = Quantity::of(4, Unit::Inch);

        return new self(
            $base->plus($step->times($tens)),
            $base->plus($step->times($tens->toScale(0, RoundingMode::CEILING))),
        );
    }

    /** 10 ft, and 0.4 in for each kilovolt beyond 50. Source: 29 CFR 1926.600(a)(6)(i) and (ii). */
    public static function construction(Quantity $voltage): Quantity
    {
        return Quantity::of(10, Unit::Foot)->plus(Quantity::of('0.4', Unit::Inch)->times(self::beyondFifty($voltage)));
    }

    private static function beyondFifty(Quantity $voltage): BigRational
    {
        $beyond = $voltage->ratioTo(Quantity::of(1000, Unit::Volt))->minus(50);

        return $beyond->isNegative() ? BigRational::zero() : $beyond->simplified();
    }
}
