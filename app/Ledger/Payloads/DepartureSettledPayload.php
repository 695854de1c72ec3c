<?php

declare(strict_types=1);

namespace App\Ledger\Payloads;

use App\Contract\JsonObject;

/** What became of a machine that had left without a release. */
final readonly class DepartureSettledPayload implements Payload
{
    private function __construct(
        public DepartureOutcome $how,
        public string $reason,
    ) {
    }

    public static function read(JsonObject $json): static
    {
        return new self(
            DepartureOutcome::from($json->string('how')),
            $json->string('reason'),
        );
    }
}
