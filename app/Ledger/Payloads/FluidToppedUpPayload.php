<?php

declare(strict_types=1);

namespace App\Ledger\Payloads;

use App\Contract\JsonObject;

/** How much went in where a line reads the level. */
final readonly class FluidToppedUpPayload implements Payload
{
    /** @param  string  $litres decimal text, more than nought */
    private function __construct(public string $line, public string $litres)
    {
    }

    public static function read(JsonObject $json): static
    {
        return new self($json->string('line'), $json->string('litres'));
    }
}
