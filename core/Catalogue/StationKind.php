<?php

declare(strict_types=1);

namespace JadeLedger\Core\Catalogue;

/** Where the technician is when a station is worked on. */
enum StationKind: string
{
    /** Where the walk begins, whichever corner that is: papers and the look from a distance. */
    case StartCorner = 'start_corner';
    /** Beside the machine, on the route round it. */
    case Beside = 'beside';
    /** In the seat: always the last place of a stage. */
    case Seat = 'seat';
}
