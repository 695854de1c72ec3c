<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Fluids;

use Brick\Math\BigRational;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/**
 * Diesel that an engine burns in an hour at a share of its power. A band of what is plausible, never a charge.
 *
 * Source: brake specific consumption of diesel engines, 200 to 250 g/kWh; here 220 g/kWh and 0.84 kg/L, from memory, to
 * be confirmed.
 */
final readonly class FuelBurn
{
    private const GRAMS_A_KILOWATT_HOUR = 220;

    private const GRAMS_A_LITRE = 840;

    public static function perHour(
        Quantity $power,
        BigRational $load,
        int $gramsAKilowattHour = self::GRAMS_A_KILOWATT_HOUR,
    ): Quantity {
        $litres = $power
            ->ratioTo(Quantity::of(1, Unit::Kilowatt))
            ->multipliedBy($load)
            ->multipliedBy($gramsAKilowattHour)
            ->dividedBy(self::GRAMS_A_LITRE);

        return Quantity::of($litres->simplified(), Unit::LitrePerHour);
    }
}
