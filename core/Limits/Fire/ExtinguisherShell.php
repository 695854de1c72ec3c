<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Fire;

/** After how many years the shell of an extinguisher is tested under pressure. Source: 29 CFR 1910.157 table L-1. */
enum ExtinguisherShell: string
{
    case Water = 'stored_pressure_water';
    case WettingAgent = 'wetting_agent';
    case Foam = 'afff';
    case CarbonDioxide = 'co2';
    case PowderStainless = 'dry_chemical_stainless';
    case PowderMildSteel = 'dry_chemical_mild_steel';
    case Halon = 'halon_1211';

    public function years(): int
    {
        return match ($this) {
            self::PowderMildSteel, self::Halon => 12,
            default => 5,
        };
    }
}
