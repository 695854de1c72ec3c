<?php

declare(strict_types=1);

namespace App\Ledger;

use JadeLedger\Core\Service\DueOnHire;
use JadeLedger\Core\Service\DuePoint;

/** A service point, how far off it is, and the hire on which it falls due, if any. */
final readonly class PointAhead
{
    public function __construct(public DuePoint $point, public ?DueOnHire $onHire)
    {
    }
}
