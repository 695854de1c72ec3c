<?php

declare(strict_types=1);

namespace JadeLedger\Core\Catalogue;

/** The way round the machine, seen from above. */
enum Turn: string
{
    case Clockwise = 'clockwise';
    case CounterClockwise = 'counter_clockwise';
}
