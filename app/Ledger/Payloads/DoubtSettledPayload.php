<?php

declare(strict_types=1);

namespace App\Ledger\Payloads;

use App\Contract\JsonObject;

/** The lead looked at entries that were in doubt. */
final readonly class DoubtSettledPayload implements Payload
{
    /**
     * @param list<string> $entries ids
     * @param bool $taken whether they count from now on; otherwise they are set aside
     */
    private function __construct(
        public array $entries,
        public bool $taken,
        public string $reason,
    ) {
    }

    public static function read(JsonObject $json): static
    {
        return new self(
            $json->strings('entries'),
            $json->flag('taken'),
            $json->string('reason'),
        );
    }
}
