<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Brakes;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/**
 * In what distance an earth-moving machine on wheels stops, at most 32 t. Source: ISO 3450, from memory, to be
 * confirmed.
 */
enum EarthmovingStop
{
    case Service;
    case Secondary;

    public function most(Quantity $speed): Quantity
    {
        $kilometres = $speed->ratioTo(Quantity::of(1, Unit::KilometrePerHour));
        $square = $kilometres->multipliedBy($kilometres);
        $metres = match ($this) {
            self::Service => $square->dividedBy(150)->plus($kilometres->plus(5)->multipliedBy('1/5')),
            self::Secondary => $square->dividedBy(75)->plus($kilometres->plus(5)->multipliedBy('2/5')),
        };

        return Quantity::of($metres->simplified(), Unit::Metre);
    }
}
