<?php

declare(strict_types=1);

namespace JadeLedger\Core\Walk;

/** The ground round the machine. */
enum Area: string implements Aspect
{
    case AsFound = 'as_found';
    case Clear = 'clear';
}
