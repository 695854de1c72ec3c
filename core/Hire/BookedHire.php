<?php

declare(strict_types=1);

namespace JadeLedger\Core\Hire;

/** Another hire of the same machine, booked or under way. */
final readonly class BookedHire
{
    /** @param  bool  $isOverdue it should be back and is not */
    public function __construct(public int $folio, public HirePeriod $period, public bool $isOverdue = false)
    {
    }
}
