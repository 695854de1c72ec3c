<?php

declare(strict_types=1);

namespace JadeLedger\Core\Fault;

/** How far out of its range a parameter lies. */
enum FaultSeverity: string
{
    case Least = 'least';
    case Moderate = 'moderate';
    case Most = 'most';
}
