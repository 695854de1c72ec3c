<?php

declare(strict_types=1);

namespace JadeLedger\Core\State;

/** The ground round the machine. */
enum Area: string implements Aspect
{
    case AsFound = 'as_found';
    case Clear = 'clear';
}
