<?php

declare(strict_types=1);

namespace App\Ledger\Payloads;

use App\Contract\JsonObject;
use App\Limits\EnteredInputs;
use JadeLedger\Core\Limits\Sheet\Entered;

/** A sheet of limits that was computed for a hire, with what was typed into it. */
final readonly class LimitsSetPayload implements Payload
{
    /** @param  array<string, Entered>  $inputs by field; what is not among them was filled in from plate and site */
    private function __construct(public string $sheet, public array $inputs)
    {
    }

    public static function read(JsonObject $json): static
    {
        return new self($json->string('sheet'), EnteredInputs::read($json->object('inputs')));
    }
}
