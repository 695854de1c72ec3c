<?php

declare(strict_types=1);

namespace App\Limits;

/** Where a figure of a sheet comes from. */
enum FilledFrom: string
{
    case Maker = 'maker';
    case Site = 'site';
    case Stated = 'stated';
}
