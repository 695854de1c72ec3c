<?php

declare(strict_types=1);

namespace App\Ledger\Payloads;

use App\Contract\JsonObject;

/** Why a line of the spread does not balance. */
final readonly class SpreadExplainedPayload implements Payload
{
    private function __construct(
        public string $line,
        public string $words,
    ) {
    }

    public static function read(JsonObject $json): static
    {
        return new self(
            $json->string('line'),
            $json->string('words'),
        );
    }
}
