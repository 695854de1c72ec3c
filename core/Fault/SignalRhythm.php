<?php

declare(strict_types=1);

namespace JadeLedger\Core\Fault;

/** Whether a lamp shines or blinks. */
enum SignalRhythm: string
{
    case Steady = 'steady';
    case Blinking = 'blinking';
}
