<?php

declare(strict_types=1);

namespace App\Ledger\Payloads;

use App\Contract\JsonObject;

/** The lead looked whether a machine has the part. */
final readonly class FitSettledPayload implements Payload
{
    /** @param  string  $question id of the entry that asked */
    private function __construct(
        public string $question,
        public bool $isFitted,
        public string $reason,
    ) {
    }

    public static function read(JsonObject $json): static
    {
        return new self(
            $json->string('question'),
            $json->flag('is_fitted'),
            $json->string('reason'),
        );
    }
}
