<?php

declare(strict_types=1);

namespace App\Telematics;

/** What became of a report. */
enum Taken
{
    /** It says something that was not known. */
    case New;
    case Known;
    /** It was put aside for somebody to look at. */
    case Aside;
}
