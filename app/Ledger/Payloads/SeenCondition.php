<?php

declare(strict_types=1);

namespace App\Ledger\Payloads;

use App\Contract\JsonObject;

/** A condition of a reading that was seen or measured. */
final readonly class SeenCondition implements Payload
{
    /** @param  string|null  $value where it is measured */
    private function __construct(
        public string $condition,
        public bool $isSeen,
        public ?string $value,
    ) {
    }

    public static function read(JsonObject $json): static
    {
        return new self(
            $json->string('condition'),
            $json->flag('seen'),
            $json->optionalString('value'),
        );
    }
}
