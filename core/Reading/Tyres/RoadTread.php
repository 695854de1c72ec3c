<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading\Tyres;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/** The least tread that a law of the road allows. */
enum RoadTread: string
{
    /** The steered axle of a truck: 4/32 in. Source: 49 CFR 393.75(b). */
    case UsSteer = 'us_steer';
    /** Any other axle: 2/32 in. Source: 49 CFR 393.75(c). */
    case UsOther = 'us_other';
    /** Trailers, cars and goods vehicles to 3,500 kg. Source: UK Road Vehicles (C&U) Regulations 1986, reg. 27. */
    case UkTo3500kg = 'uk_to_3500kg';
    /** Everything else that goes on the road. Source: as before. */
    case UkOther = 'uk_other';

    private const LIGHT_TRAILER_KG = 3500;

    public static function ofTrailer(int $massKilograms): self
    {
        return $massKilograms <= self::LIGHT_TRAILER_KG ? self::UkTo3500kg : self::UkOther;
    }

    public function least(): Quantity
    {
        return Quantity::of(match ($this) {
            self::UsSteer => '3.175',
            self::UsOther => '1.5875',
            self::UkTo3500kg => '1.6',
            self::UkOther => '1.0',
        }, Unit::Millimetre);
    }
}
