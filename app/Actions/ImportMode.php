<?php

declare(strict_types=1);

namespace App\Actions;

/** What becomes of the good rows of a table in which others are not. */
enum ImportMode: string
{
    case EachRow = 'each_row';
    case AllOrNothing = 'all_or_nothing';
    /** Nothing is taken: only what would become of each row is said. */
    case Preview = 'preview';
}
