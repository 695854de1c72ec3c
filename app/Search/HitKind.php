<?php

declare(strict_types=1);

namespace App\Search;

enum HitKind: string
{
    /** Its id is that of the machine. */
    case Machine = 'machine';
    /** Its id is that of the machine that is hired. */
    case Hire = 'hire';
    case Hirer = 'hirer';
    case Person = 'person';
    /** Its id is that of the check in the catalogue. */
    case Check = 'check';
}
