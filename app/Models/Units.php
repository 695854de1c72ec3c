<?php

declare(strict_types=1);

namespace App\Models;

/** In which units a person reads figures. What an instrument is marked in is shown whatever they read. */
enum Units: string
{
    /** As the yard's house rule has it. */
    case Yard = 'yard';
    case Si = 'si';
    case Us = 'us';
    case Both = 'both';
}
