<?php

declare(strict_types=1);

namespace App\Ledger\Payloads;

/** An entry that somebody else may have to confirm. */
interface NamesSecond
{
    public function second(): ?string;
}
