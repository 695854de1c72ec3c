<?php

declare(strict_types=1);

namespace App\Ledger\Contexts;

use App\Ledger\Actor;
use App\Models\Machine;

/** What an entry of a machine is judged against, whether it is on hire or on a walk or neither. */
final readonly class MachineContext
{
    public function __construct(public Machine $machine, public Actor $actor)
    {
    }
}
