<?php

declare(strict_types=1);

namespace JadeLedger\Core\Check;

enum Movement: string
{
    case Checkout = 'checkout';
    case Return = 'return';

    public function occasion(): Occasion
    {
        return match ($this) {
            self::Checkout => Occasion::Checkout,
            self::Return => Occasion::Return,
        };
    }
}
