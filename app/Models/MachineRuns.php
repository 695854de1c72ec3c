<?php

declare(strict_types=1);

namespace App\Models;

/** What a hirer says of a machine that has a fault. */
enum MachineRuns: string
{
    case Stopped = 'stopped';
    case Running = 'running';
}
