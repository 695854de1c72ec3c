<?php

declare(strict_types=1);

namespace App\Models;

/** What the yard did about a fault that a hirer reported. */
enum ReportOutcome: string
{
    case Told = 'told';
    case Visited = 'visited';
    case Fetched = 'fetched';
    /** Looked at on the return walk. */
    case OnReturn = 'on_return';
    case NoFault = 'no_fault';
}
