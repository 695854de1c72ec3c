<?php

declare(strict_types=1);

namespace App\Ledger\Payloads;

use App\Contract\JsonObject;

/** What a look at the whole ledger found. */
final readonly class LedgerVerifiedPayload implements Payload
{
    /**
     * @param int $entries how many were read
     * @param int $faults how many were found
     */
    private function __construct(
        public int $entries,
        public int $faults,
    ) {
    }

    public static function read(JsonObject $json): static
    {
        return new self(
            $json->integer('entries'),
            $json->integer('faults'),
        );
    }
}
