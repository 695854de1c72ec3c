<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading;

use JadeLedger\Core\Source\Source;

/** What the maker or the yard laid down for one instrument of one model. */
interface Limits
{
    public function source(): Source;
}
