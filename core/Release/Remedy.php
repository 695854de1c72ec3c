<?php

declare(strict_types=1);

namespace JadeLedger\Core\Release;

/** What would take a ground out of the way of a release. */
enum Remedy: string
{
    /** Answer or read the line. */
    case Answer = 'answer';
    /** Do what the verdict says and read again. */
    case Reread = 'reread';
    /** The lead may let it go out with a condition. */
    case LeadsCondition = 'leads_condition';
    /** Repair and a repeated inspection; nobody may release over it. */
    case Repair = 'repair';
    /** Nothing: it is only mentioned. */
    case Nothing = 'nothing';
}
