<?php

declare(strict_types=1);

namespace JadeLedger\Core\Quantity;

use JadeLedger\Core\Equipment\Features;

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
}
