<?php

declare(strict_types=1);

namespace App\Ledger;

use JadeLedger\Core\Check\Movement;
use JadeLedger\Core\Meter\MeterPoint;

/** A reading of the hour meter that counts, and the walk of which hire it was made on. */
final readonly class ReadOnHire
{
    public function __construct(public string $hireId, public Movement $movement, public MeterPoint $point)
    {
    }
}
