<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Transport;

use JadeLedger\Core\Quantity\Quantity;

/** Tiedowns of one kind: how many, how they run, and the working load limit of each. */
final readonly class Tiedown
{
    public function __construct(public int $count, public Quantity $limit, public TiedownPath $path)
    {
    }

    public function counts(): Quantity
    {
        return $this->limit->times($this->path->share())->times($this->count);
    }
}
