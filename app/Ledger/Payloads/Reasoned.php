<?php

declare(strict_types=1);

namespace App\Ledger\Payloads;

use App\Contract\JsonObject;

/** Somebody says why. */
final readonly class Reasoned implements Payload
{
    private function __construct(
        public string $reason,
    ) {
    }

    public static function read(JsonObject $json): static
    {
        return new self(
            $json->string('reason'),
        );
    }
}
