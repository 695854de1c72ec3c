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
        /** Amount and currency, where something is charged for it. */
        public ?JsonObject $charge,
    ) {
    }

    public static function read(JsonObject $json): static
    {
        return new self(
            $json->string('line'),
            $json->string('words'),
            $json->optionalObject('charge'),
        );
    }
}
