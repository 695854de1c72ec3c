<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading;

/** Whether the figure at the end of a band belongs to it. */
enum Edge
{
    case Included;
    case Excluded;
}
