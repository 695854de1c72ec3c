<?php

declare(strict_types=1);

namespace App\Ledger\Payloads;

use App\Contract\JsonObject;

/** A step of the briefing. */
final readonly class HandoverStepShownPayload implements Payload
{
    private function __construct(
        public string $step,
    ) {
    }

    public static function read(JsonObject $json): static
    {
        return new self(
            $json->string('step'),
        );
    }
}
