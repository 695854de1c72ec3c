<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Platform;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/**
 * What a platform is rated for: 80 kg for each person and at least 40 kg of tools and material. The plate governs.
 *
 * Source: EN 280 and ISO 16368.
 */
final readonly class PlatformLoad
{
    public const KILOGRAMS_A_PERSON = 80;

    private const LEAST_EQUIPMENT = 40;

    public static function rated(int $persons, Quantity $equipment): Quantity
    {
        $least = Quantity::of(self::LEAST_EQUIPMENT, Unit::Kilogram);

        return self::ofPersons($persons)->plus($equipment->isLessThan($least) ? $least : $equipment);
    }

    public static function ofPersons(int $persons): Quantity
    {
        return Quantity::of($persons * self::KILOGRAMS_A_PERSON, Unit::Kilogram);
    }
}
