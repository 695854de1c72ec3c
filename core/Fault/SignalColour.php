<?php

declare(strict_types=1);

namespace JadeLedger\Core\Fault;

/** Colour of a lamp on a panel that has no standard engine lamps. Source: IEC 60073, from memory, to be confirmed. */
enum SignalColour: string
{
    case Red = 'red';
    case Amber = 'amber';
    case Other = 'other';
}
