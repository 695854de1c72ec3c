<?php

declare(strict_types=1);

namespace App\Limits;

use JadeLedger\Core\Limits\Sheet\Entered;

/**
 * What stands in a field before anybody types: from the plate, from the site, or what holds until somebody knows
 * better.
 */
final readonly class FilledField
{
    public function __construct(public Entered $entered, public FilledFrom $from)
    {
    }
}
