<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Lines;

use JadeLedger\Core\Limits\Sheet\SheetPicture;
use JadeLedger\Core\Quantity\Quantity;

/** A line, what is kept out of around it, and the nearest that anything comes. */
final readonly class LinePicture implements SheetPicture
{
    /** @param  Quantity|null  $nearest as it was entered; none where nobody said */
    public function __construct(public Quantity $clearance, public ?Quantity $nearest)
    {
    }
}
