<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Turf;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/** Power take-off of a tractor, told by its splines. Source: ISO 500-1. */
enum PtoType: int
{
    case One = 1;
    case Two = 2;
    case Three = 3;

    public static function ofSplines(int $splines): ?self
    {
        foreach (self::cases() as $type) {
            if ($type->splines() === $splines) {
                return $type;
            }
        }

        return null;
    }

    public function splines(): int
    {
        return match ($this) {
            self::One => 6,
            self::Two => 21,
            self::Three => 20,
        };
    }

    public function turns(): Quantity
    {
        return Quantity::of($this === self::One ? 540 : 1000, Unit::RevolutionsPerMinute);
    }
}
