<?php

declare(strict_types=1);

namespace App\Models;

/** How a machine left the fleet. */
enum MachineLeft: string
{
    case Sold = 'sold';
    case Scrapped = 'scrapped';
    case GivenBack = 'given_back';
}
