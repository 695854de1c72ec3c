<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\People;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/**
 * Vibration of hands and arms, or of the whole body: from where on something is done, and where it ends, for a day of
 * eight hours. Source: Directive 2002/44/EC, article 3.
 */
enum Vibration: string
{
    case HandArm = 'hav';
    case WholeBody = 'wbv';

    private const HOURS = 8;

    public function action(): Quantity
    {
        return Quantity::of($this === self::HandArm ? '2.5' : '0.5', Unit::MetrePerSecondSquared);
    }

    public function limit(): Quantity
    {
        return Quantity::of($this === self::HandArm ? '5' : '1.15', Unit::MetrePerSecondSquared);
    }

    /** How long somebody may be shaken until a value is reached. Source: ISO 5349-1: 8 (value / a)² hours. */
    public static function timeTo(Quantity $value, Quantity $shaken): Quantity
    {
        $share = $value->ratioTo($shaken);

        return Quantity::of($share->multipliedBy($share)->multipliedBy(self::HOURS)->simplified(), Unit::Hour);
    }
}
