<?php

declare(strict_types=1);

namespace App\Ledger\Payloads;

use App\Contract\JsonObject;

/** A point of the daily list that a hirer ticked, or whose tick they took back. */
final readonly class HirerTickedPayload implements Payload
{
    private function __construct(public string $point, public bool $isDone)
    {
    }

    public static function read(JsonObject $json): static
    {
        return new self($json->string('point'), $json->string('answer') === 'done');
    }
}
