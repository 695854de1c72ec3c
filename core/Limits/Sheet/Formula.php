<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Sheet;

/** How a sheet is computed. */
interface Formula
{
    /** @throws InputRefused when something is missing or cannot be */
    public function compute(SheetInputs $inputs): SheetResult;
}
