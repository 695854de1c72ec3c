<?php

declare(strict_types=1);

namespace JadeLedger\Core\State;

/** Whether axles that extend are in or out. A machine whose axles are fixed counts as in. */
enum Axles: string implements Aspect
{
    case In = 'in';
    case Out = 'out';
}
