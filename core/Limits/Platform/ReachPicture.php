<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Platform;

use JadeLedger\Core\Limits\Sheet\SheetPicture;
use JadeLedger\Core\Quantity\Quantity;

/** What is drawn of a reach: the maker's line, what is left of it, the job, and what is kept out of. */
final readonly class ReachPicture implements SheetPicture
{
    /** @param  Quantity|null  $keepOut radius around the line; none where there is no line */
    public function __construct(
        public ReachChart $maker,
        public ?ReachChart $yours,
        public ReachPoint $job,
        public ?ReachPoint $line = null,
        public ?Quantity $keepOut = null,
    ) {
    }
}
