<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading\Fluids;

/** Whether a machine may run at all without the liquid, or merely owes it to the hirer. */
enum Need: string
{
    /** Without it the engine is lost: an empty tank stops the machine. */
    case ToRun = 'to_run';
    /** It is filled for the hire and charged at the return. */
    case ForTheHire = 'for_the_hire';
}
