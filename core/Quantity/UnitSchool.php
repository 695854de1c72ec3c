<?php

declare(strict_types=1);

namespace JadeLedger\Core\Quantity;

use JadeLedger\Core\Catalogue\Features;

/** In which units a yard reads its figures: those of the plates, or US customary ones first or beside them. */
enum UnitSchool: string
{
    case Si = 'si';
    case UsFirst = 'us_first';
    case UsBeside = 'us_beside';

    public static function of(Features $features): self
    {
        return match (true) {
            $features->has('rule_units_us') => self::UsFirst,
            $features->has('rule_units_both') => self::UsBeside,
            default => self::Si,
        };
    }

    /** The US customary unit in which the same thing is read; none where there is none, or the yard does not ask for it. */
    public function beside(Unit $unit): ?Unit
    {
        return $this === self::Si ? null : match ($unit) {
            Unit::Millimetre => Unit::Inch,
            Unit::Litre => Unit::GallonUs,
            Unit::Kilopascal => Unit::PoundForcePerSquareInch,
            Unit::Celsius => Unit::Fahrenheit,
            default => null,
        };
    }
}
