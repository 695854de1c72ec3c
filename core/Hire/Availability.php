<?php

declare(strict_types=1);

namespace JadeLedger\Core\Hire;

/** What stands against hiring a machine out at all, whatever the days. */
enum Availability
{
    case Free;
    /** A tag hangs on it. */
    case Tagged;
    /** Something is open that holds it back until the lead has looked. */
    case Held;
    /** Sold or scrapped. */
    case Left;
}
