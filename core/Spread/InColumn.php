<?php

declare(strict_types=1);

namespace JadeLedger\Core\Spread;

/** Whether the return walk has been finished: before that, what is not read in yet is merely open. */
enum InColumn
{
    case Open;
    case Finished;

    public function withoutReading(): Balance
    {
        return $this === self::Open ? Balance::NotYetIn : Balance::NeverReadIn;
    }

    public function withoutLook(): Balance
    {
        return $this === self::Open ? Balance::NotYetIn : Balance::NotLookedAt;
    }
}
