<?php

declare(strict_types=1);

namespace App\Ledger;

use Carbon\CarbonImmutable;

/** What a tablet whose clock is off said, and how far it was ahead; behind is negative. */
final readonly class DeviceMoment
{
    public function __construct(public CarbonImmutable $at, public int $secondsAhead)
    {
    }
}
