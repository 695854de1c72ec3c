<?php

declare(strict_types=1);

namespace JadeLedger\Core\Fault;

/** How urgent what the machine says is. Common practice, no source. */
enum AlertLevel: int
{
    /** Go on with attention, report it, plan the repair. */
    case Aware = 1;
    /** Bring it to a convenient stop; no further use until the cause is found. */
    case StopSoon = 2;
    /** Stop at once; not started again before it is mended. */
    case StopNow = 3;
}
