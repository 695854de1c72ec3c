<?php

declare(strict_types=1);

namespace JadeLedger\Core\State;

/** What stands in the hydraulic circuits while the pump does not turn. */
enum Pressure: string implements Aspect
{
    case Held = 'held';
    case Relieved = 'relieved';
}
