<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Http\Problems\Problem;

/** What came of the secret with which a second person confirmed an entry. */
final readonly class SecondCheck
{
    private function __construct(public string $personId, public ?Problem $wrong)
    {
    }

    public static function right(string $personId): self
    {
        return new self($personId, null);
    }

    public static function wrong(string $personId, Problem $why): self
    {
        return new self($personId, $why);
    }
}
