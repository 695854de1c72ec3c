<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Earthmoving;

/** What ends a lift first. */
enum LimitedBy: string
{
    case Tipping = 'tipping';
    case Hydraulic = 'hydraulic';
}
