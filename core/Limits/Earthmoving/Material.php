<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Earthmoving;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/**
 * What a bucket is filled with, loose, in kilograms per cubic metre: the heavier end of what handbooks give, as the
 * bucket that is filled does not know how wet its load is. Common practice, no source.
 */
enum Material: string
{
    case TopsoilDry = 'topsoil_dry';
    case TopsoilWet = 'topsoil_wet';
    case SandDry = 'sand_dry';
    case SandWet = 'sand_wet';
    case Gravel = 'gravel';
    case Clay = 'clay';
    case CrushedStone = 'crushed_stone';
    case BrokenConcrete = 'broken_concrete';
    case Asphalt = 'asphalt';
    case WoodChips = 'wood_chips';
    case Snow = 'snow';

    public function density(): Quantity
    {
        return Quantity::of(match ($this) {
            self::TopsoilDry => 1200,
            self::TopsoilWet => 1600,
            self::SandDry => 1600,
            self::SandWet => 2000,
            self::Gravel => 1800,
            self::Clay => 1700,
            self::CrushedStone => 1600,
            self::BrokenConcrete => 1500,
            self::Asphalt => 1400,
            self::WoodChips => 400,
            self::Snow => 500,
        }, Unit::KilogramPerCubicMetre);
    }

    /** Mass of a heap. */
    public static function mass(Quantity $volume, Quantity $density): Quantity
    {
        return Quantity::of(
            $volume->ratioTo(Quantity::of(1, Unit::CubicMetre))
                ->multipliedBy($density->ratioTo(Quantity::of(1, Unit::KilogramPerCubicMetre)))->simplified(),
            Unit::Kilogram,
        );
    }
}
