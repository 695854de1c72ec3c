<?php

declare(strict_types=1);

namespace App\Ledger\Payloads;

final readonly class CountOfThing
{
    /** @param  string  $marks the numbers on the pieces, as somebody wrote them; empty where there are none */
    public function __construct(public string $thing, public int $count, public string $marks)
    {
    }
}
