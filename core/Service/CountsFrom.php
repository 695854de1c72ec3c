<?php

declare(strict_types=1);

namespace JadeLedger\Core\Service;

/** From where the next interval of a service point runs. Both are schools of the trade; common practice, no source. */
enum CountsFrom: string
{
    /** From when it was done: early or late moves the next one along. */
    case Done = 'done';
    /** From when it was due: 250, 500, 750, whatever the day on which it was done. */
    case Due = 'due';
}
