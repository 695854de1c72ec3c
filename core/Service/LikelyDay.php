<?php

declare(strict_types=1);

namespace JadeLedger\Core\Service;

/** In how many days a figure of the meter will be met: likely, and the first and last likely day. */
final readonly class LikelyDay
{
    /**
     * @param int $earliest days from today, at least 0
     * @param int|null $latest none where the readings do not say that it ever will be
     */
    public function __construct(public int $earliest, public int $likely, public ?int $latest)
    {
    }
}
