<?php

declare(strict_types=1);

namespace App\Ledger\Payloads;

use App\Contract\JsonObject;

/** What was seen at a gate before a handover. */
final readonly class GatePassed implements Payload
{
    /**
     * @param string|null $validUntil the last day of what was seen; none where it says none
     * @param string|null $instead of a proof: who stands beside, or why the lead lets it go; none where one was seen
     */
    private function __construct(
        public string $gate,
        public ?string $number,
        public ?string $validUntil,
        public ?string $instead,
    ) {
    }

    public static function read(JsonObject $json): static
    {
        return new self(
            $json->string('gate'),
            $json->optionalString('number'),
            $json->optionalString('valid_until'),
            $json->optionalString('instead'),
        );
    }
}
