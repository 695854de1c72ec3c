<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Truck;

/** What a truck is powered by and how it is guarded, as its plate says. Source: 29 CFR 1910.178(b). */
enum TruckDesignation: string
{
    case Diesel = 'D';
    case DieselGuarded = 'DS';
    case DieselWithoutElectrics = 'DY';
    case Electric = 'E';
    case ElectricGuarded = 'ES';
    case ElectricEnclosed = 'EE';
    case ElectricExplosionProof = 'EX';
    case Petrol = 'G';
    case PetrolGuarded = 'GS';
    case Gas = 'LP';
    case GasGuarded = 'LPS';
}
