<?php

declare(strict_types=1);

namespace App\Ledger\Payloads;

use App\Contract\JsonObject;

/** Why the machine is not for hire. */
final readonly class TagHungPayload implements Payload
{
    /**
     * @param string|null $reference the line or finding that it hangs for
     * @param string|null $keysAt where its keys are kept
     */
    private function __construct(
        public string $reason,
        public ?string $reference,
        public ?string $keysAt,
    ) {
    }

    public static function read(JsonObject $json): static
    {
        return new self(
            $json->string('reason'),
            $json->optionalString('reference'),
            $json->optionalString('keys_at'),
        );
    }
}
