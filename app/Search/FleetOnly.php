<?php

declare(strict_types=1);

namespace App\Search;

/** Machines that somebody looks for because of what is to be done. */
enum FleetOnly: string
{
    /** Service is due today, or was before. */
    case Due = 'due';
    /** A hire that is not over lists the reader for its walk out or in. */
    case Mine = 'mine';
}
