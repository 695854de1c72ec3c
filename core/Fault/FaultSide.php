<?php

declare(strict_types=1);

namespace JadeLedger\Core\Fault;

/** On which side of its range a parameter lies. */
enum FaultSide: string
{
    case High = 'high';
    case Low = 'low';
}
