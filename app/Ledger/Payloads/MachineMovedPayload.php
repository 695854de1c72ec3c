<?php

declare(strict_types=1);

namespace App\Ledger\Payloads;

use App\Contract\JsonObject;

/** Where a machine stands from now on. */
final readonly class MachineMovedPayload implements Payload
{
    private function __construct(
        public string $bay,
    ) {
    }

    public static function read(JsonObject $json): static
    {
        return new self(
            trim($json->string('bay')),
        );
    }
}
