<?php

declare(strict_types=1);

namespace App\Hires;

use App\Models\Hire;
use App\Models\Yard;
use App\Yards\CurrentYard;

/** The next folio of the yard. Inside a transaction: the yard is held until it ends, so no number is given twice. */
final readonly class NextFolio
{
    public function __construct(private CurrentYard $yard)
    {
    }

    public function __invoke(): int
    {
        Yard::query()->whereKey($this->yard->id())->lockForUpdate()->firstOrFail();

        return (int) Hire::query()->toBase()->sharedLock()->max('folio') + 1;
    }
}
