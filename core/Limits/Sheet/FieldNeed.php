<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Sheet;

/** Whether a sheet can be computed without a field, and whether nothing is a figure that means something. */
enum FieldNeed: string
{
    case Needed = 'needed';
    case Optional = 'optional';
    /** Needed, and 0 is an answer: no tools on the platform. */
    case NeededOrNothing = 'needed_or_nothing';
}
