<?php

declare(strict_types=1);

namespace App\Ledger\Payloads;

use App\Contract\JsonObject;

/** How many of each thing were handed out, or counted back. */
final readonly class ThingsCountedPayload implements Payload
{
    /** @param  list<CountOfThing>  $things */
    private function __construct(public array $things)
    {
    }

    public static function read(JsonObject $json): static
    {
        return new self(array_map(static fn (JsonObject $one): CountOfThing => new CountOfThing(
            $one->string('thing'),
            $one->integer('count'),
            trim($one->optionalString('marks') ?? ''),
        ), $json->objects('things')));
    }
}
