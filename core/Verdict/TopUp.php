<?php

declare(strict_types=1);

namespace JadeLedger\Core\Verdict;

use JadeLedger\Core\Quantity\Quantity;

/** What has to be added, and how long to wait before the second reading. */
final readonly class TopUp
{
    public function __construct(public Quantity $volume, public string $fluid, public int $rereadAfterMinutes)
    {
    }
}
