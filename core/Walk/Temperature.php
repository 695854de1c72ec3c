<?php

declare(strict_types=1);

namespace JadeLedger\Core\Walk;

enum Temperature: string
{
    case Cold = 'cold';
    case Warm = 'warm';
    case Any = 'any';
}
