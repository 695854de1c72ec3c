<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Fluids;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/** Volume of diesel at 15 °C. Source: ASTM D1250 simplified, from memory, to be confirmed. */
final readonly class DieselVolume
{
    private const PER_DEGREE = '83/100000';

    public static function at15(Quantity $volume, Quantity $temperature): Quantity
    {
        $degrees = $temperature->in(Unit::Celsius)->decimal(6, RoundingMode::HALF_UP)->toBigRational()->minus(15);

        return $volume->times(BigRational::one()->minus($degrees->multipliedBy(self::PER_DEGREE))->simplified());
    }
}
