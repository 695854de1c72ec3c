<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Platform;

/** Whether the middle of a raised platform stays within the lines over which its machine would tip. */
enum RaisedReach: string
{
    case Within = 'A';
    case Beyond = 'B';
}
