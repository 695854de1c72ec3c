<?php

declare(strict_types=1);

namespace App\Ledger\Payloads;

use App\Contract\JsonObject;

/** Damage that was known, as it is now. */
final readonly class FindingSeenAgainPayload implements Payload
{
    /** @param  list<string>  $photos digests */
    private function __construct(
        public string $finding,
        public int $sizeMm,
        public bool $isGone,
        public string $words,
        public array $photos,
    ) {
    }

    public static function read(JsonObject $json): static
    {
        return new self(
            $json->string('finding'),
            $json->integer('size_mm'),
            $json->flag('gone'),
            $json->string('words'),
            $json->strings('photos'),
        );
    }
}
