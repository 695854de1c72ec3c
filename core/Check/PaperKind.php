<?php

declare(strict_types=1);

namespace JadeLedger\Core\Check;

/** What is compared on a paper, a tag or a plate. */
enum PaperKind: string
{
    /** A date from which a term runs. */
    case Dated = 'dated';
    /** The serial number of the plate against the yard's record. */
    case Serial = 'serial';
}
