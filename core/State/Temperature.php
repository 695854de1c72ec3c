<?php

declare(strict_types=1);

namespace JadeLedger\Core\State;

enum Temperature: string implements Aspect
{
    /** So far cooled that oil has drained back and the cooling system carries no pressure. */
    case Cold = 'cold';
    case Warm = 'warm';
    /** Stopped within the last few minutes after work. */
    case Hot = 'hot';
}
