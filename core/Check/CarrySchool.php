<?php

declare(strict_types=1);

namespace JadeLedger\Core\Check;

/** What a yard carries from the return walk into the next checkout: house rule "carried". */
enum CarrySchool: string
{
    /** A routine forgets nothing: every line is looked at again. */
    case Nothing = 'nothing';
    /** Never a line that tags the machine out. */
    case NothingBarred = 'nothing_barred';
    /** By what each check says of itself. */
    case ByEachCheck = 'by_each_check';
}
