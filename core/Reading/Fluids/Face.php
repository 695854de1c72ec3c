<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading\Fluids;

use JadeLedger\Core\State\Temperature;

/** The side of a two-sided dipstick. */
enum Face: string
{
    case Cold = 'cold';
    case Hot = 'hot';

    public function isReadWhen(Temperature $temperature): bool
    {
        return match ($this) {
            self::Cold => $temperature === Temperature::Cold,
            self::Hot => $temperature !== Temperature::Cold,
        };
    }
}
