<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Fluids;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/**
 * What a fuel holds and weighs.
 *
 * Source: Directive (EU) 2018/2001 Annex III for the energy; EN 590 and EN 228 for the density at 15 °C; 40 CFR 600 for
 * the carbon dioxide.
 */
enum Fuel: string
{
    case Diesel = 'diesel';
    case Petrol = 'petrol';
    case Lpg = 'lpg';
    case Biodiesel = 'biodiesel';
    case Ethanol = 'ethanol';

    /** Lower calorific value. */
    public function energy(Quantity $volume): Quantity
    {
        $perLitre = match ($this) {
            self::Diesel => 36,
            self::Petrol => 32,
            self::Lpg => 24,
            self::Biodiesel => 33,
            self::Ethanol => 21,
        };

        $litres = $volume->ratioTo(Quantity::of(1, Unit::Litre));

        return Quantity::of($litres->multipliedBy($perLitre)->simplified(), Unit::Megajoule);
    }

    /** @return FuelMass|null none where the standards name no density */
    public function mass(Quantity $volume): ?FuelMass
    {
        $litres = $volume->ratioTo(Quantity::of(1, Unit::Litre));

        return match ($this) {
            self::Diesel => FuelMass::between($litres, '820/1000', '845/1000'),
            self::Petrol => FuelMass::between($litres, '720/1000', '775/1000'),
            default => null,
        };
    }

    /** @return Quantity|null carbon dioxide when it is burnt; none where no figure is published */
    public function carbonDioxide(Quantity $volume): ?Quantity
    {
        $gramsOfAGallon = match ($this) {
            self::Diesel => 10_180,
            self::Petrol => 8_887,
            default => null,
        };

        return $gramsOfAGallon === null
            ? null
            : Quantity::of(
                $volume
                    ->ratioTo(Quantity::of(1, Unit::GallonUs))
                    ->multipliedBy($gramsOfAGallon)
                    ->dividedBy(1000)
                    ->simplified(),
                Unit::Kilogram,
            );
    }
}
