<?php

declare(strict_types=1);

namespace App\Ledger\Payloads;

use App\Contract\JsonObject;

/** How the machine answered to one step of a test. */
final readonly class TestStepPayload implements Payload
{
    /** @param  int|null  $seconds for how long it was held or waited */
    private function __construct(
        public bool $isAsExpected,
        public string $observed,
        public ?int $seconds,
    ) {
    }

    public static function read(JsonObject $json): static
    {
        return new self(
            $json->flag('as_expected'),
            $json->optionalString('observed') ?? '',
            $json->optionalInteger('seconds'),
        );
    }
}
