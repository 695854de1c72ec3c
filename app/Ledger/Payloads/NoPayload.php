<?php

declare(strict_types=1);

namespace App\Ledger\Payloads;

use App\Contract\JsonObject;

/** Of kinds that say everything by having happened. */
final readonly class NoPayload implements Payload
{
    public static function read(JsonObject $json): static
    {
        return new self;
    }
}
