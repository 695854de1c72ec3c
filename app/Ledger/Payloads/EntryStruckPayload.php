<?php

declare(strict_types=1);

namespace App\Ledger\Payloads;

use App\Contract\JsonObject;

/** Why an entry no longer counts. */
final readonly class EntryStruckPayload implements NamesSecond, Payload
{
    /** @param  string|null  $second who confirms, where the entry stops the machine */
    private function __construct(
        public string $reason,
        public ?string $second,
    ) {
    }

    public static function read(JsonObject $json): static
    {
        return new self(
            $json->string('reason'),
            $json->optionalString('second'),
        );
    }

    public function second(): ?string
    {
        return $this->second;
    }
}
