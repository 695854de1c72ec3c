<?php

declare(strict_types=1);

namespace JadeLedger\Core\State;

/** Whether a second person stands where they can see and be seen. */
enum Helper: string implements Aspect
{
    case None = 'none';
    case Present = 'present';
}
