<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Sheet;

/** What is drawn beside a result; each kind is drawn in its own way. */
interface SheetPicture
{
}
