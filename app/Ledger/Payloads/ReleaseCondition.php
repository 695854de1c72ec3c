<?php

declare(strict_types=1);

namespace App\Ledger\Payloads;

use App\Contract\JsonObject;

/** On what condition a machine is released in spite of a ground. */
final readonly class ReleaseCondition implements Payload
{
    /** @param  string  $reference of the ground */
    private function __construct(
        public string $reference,
        public string $words,
    ) {
    }

    public static function read(JsonObject $json): static
    {
        return new self(
            $json->string('reference'),
            $json->string('words'),
        );
    }
}
