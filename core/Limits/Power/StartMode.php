<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Power;

use Brick\Math\BigRational;

/**
 * How a motor starts, and how many times its running load it asks for meanwhile. Common practice, no source: its
 * plate wins.
 */
enum StartMode: string
{
    case DirectOnLine = 'direct';
    case StarDelta = 'star_delta';
    case SoftStart = 'soft';
    case Inverter = 'inverter';

    public function factor(): BigRational
    {
        return BigRational::of(
            match ($this) {
                self::DirectOnLine => 6,
                self::StarDelta => '5/2',
                self::SoftStart => 3,
                self::Inverter => '3/2',
            },
        );
    }
}
