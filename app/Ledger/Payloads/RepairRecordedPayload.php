<?php

declare(strict_types=1);

namespace App\Ledger\Payloads;

use App\Contract\JsonObject;

/** What was mended under a tag. */
final readonly class RepairRecordedPayload implements Payload
{
    /**
     * @param list<string> $parts that were used
     * @param list<string> $lines that were mended
     * @param list<string> $findings that were mended
     */
    private function __construct(
        public string $words,
        public array $parts,
        public array $lines,
        public array $findings,
    ) {
    }

    public static function read(JsonObject $json): static
    {
        return new self(
            $json->string('words'),
            $json->strings('parts'),
            $json->strings('lines'),
            $json->strings('findings'),
        );
    }
}
