<?php

declare(strict_types=1);

namespace App\Ledger\Payloads;

use App\Contract\JsonObject;

/** A fault code that a machine reported of itself. */
final readonly class FaultReportedPayload implements Payload
{
    private function __construct(public string $identifier, public string $words)
    {
    }

    public static function read(JsonObject $json): static
    {
        return new self($json->string('identifier'), $json->optionalString('words') ?? '');
    }
}
