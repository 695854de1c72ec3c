<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Power;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/**
 * At which multiple of its rated current a residual-current device is tested. Source: IEC 61008-1 and IEC 61009-1,
 * general type.
 */
enum TripMultiple: string
{
    case Half = '0.5';
    case Once = '1';
    case Twice = '2';
    case FiveTimes = '5';

    /** @return Quantity|null none where it must not trip at all */
    public function most(): ?Quantity
    {
        $milliseconds = match ($this) {
            self::Half => null,
            self::Once => 300,
            self::Twice => 150,
            self::FiveTimes => 40,
        };

        return $milliseconds === null ? null : Quantity::of($milliseconds, Unit::Millisecond);
    }

    /** @param  Quantity|null  $trip none where it did not trip */
    public function accepts(?Quantity $trip): bool
    {
        $most = $this->most();

        return $most === null || $trip === null
            ? ($most === null) === ($trip === null)
            : ! $trip->isGreaterThan($most);
    }
}
