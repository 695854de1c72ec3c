<?php

declare(strict_types=1);

namespace JadeLedger\Core\Catalogue;

/** A time of the year that brings a step with it. */
enum Season: string
{
    case Frost = 'frost';
    case Heat = 'heat';
}
