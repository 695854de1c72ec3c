<?php

declare(strict_types=1);

namespace JadeLedger\Core\Spread;

/** How far the In column has come: before the return walk is finished, what is not read in yet is merely open. */
enum InColumn
{
    case Open;
    case Finished;
    /** The return walk does not ask for it; what was read at Out stands alone. */
    case NotAsked;

    public function withoutReading(): Balance
    {
        return match ($this) {
            self::Open => Balance::NotYetIn,
            self::Finished => Balance::NeverReadIn,
            self::NotAsked => Balance::Balanced,
        };
    }

    public function withoutLook(): Balance
    {
        return $this === self::Finished ? Balance::NotLookedAt : Balance::NotYetIn;
    }
}
