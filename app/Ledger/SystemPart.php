<?php

declare(strict_types=1);

namespace App\Ledger;

/** A part of the application that posts entries by itself. */
enum SystemPart: string
{
    case Schedule = 'schedule';
    case Import = 'import';
    case Register = 'register';
    case Telematics = 'telematics';
    case Upgrade = 'upgrade';
}
