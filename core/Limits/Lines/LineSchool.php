<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Lines;

use Brick\Math\RoundingMode;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/**
 * By which rules one stays away from overhead lines. The widest of local law, the word of the owner of the line and the
 * machine's manual is what counts.
 *
 * Source: 29 CFR 1926.1408 Table A; 29 CFR 1926.600(a)(6); 29 CFR 1910.333(c)(3)(iii); HSE GS6, from memory, to be
 * confirmed.
 */
enum LineSchool: string
{
    case Lifting = 'us_lifting';
    case Construction = 'us_construction';
    case GeneralIndustry = 'us_general';
    case UnitedKingdom = 'uk';

    /**
     * How near nothing may come: machine, load, tool or person.
     *
     * @return Quantity|null none where the table ends: the owner of the line or a registered engineer says it
     */
    public function clearance(Quantity $voltage): ?Quantity
    {
        return match ($this) {
            self::Lifting => ClearanceTable::lifting()->of($voltage),
            self::Construction => ClearanceByVoltage::construction($voltage),
            self::GeneralIndustry => ClearanceByVoltage::generalIndustry($voltage, LineMovement::AtWork)->stepped,
            self::UnitedKingdom => ClearanceTable::exclusion()->of($voltage),
        };
    }

    /** The largest of the school, for a line whose voltage nobody knows. */
    public function largest(): Quantity
    {
        return match ($this) {
            self::Lifting => Quantity::of(45, Unit::Foot),
            self::Construction, self::GeneralIndustry => Quantity::of(45, Unit::Foot),
            self::UnitedKingdom => Quantity::of(7, Unit::Metre),
        };
    }

    /** As it is shown and kept to: metres round up to a tenth, never down. */
    public static function shown(Quantity $clearance): Quantity
    {
        return Quantity::of($clearance->in(Unit::Metre)->decimal(1, RoundingMode::CEILING), Unit::Metre);
    }
}
