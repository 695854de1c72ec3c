<?php

declare(strict_types=1);

namespace JadeLedger\Core\Catalogue;

/** What somebody answered about a place. Unknown counts as the worse answer until it is asked. */
enum SiteAnswer: string
{
    case Yes = 'yes';
    case No = 'no';
    case Unknown = 'unknown';
}
