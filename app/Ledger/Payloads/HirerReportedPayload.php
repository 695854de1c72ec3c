<?php

declare(strict_types=1);

namespace App\Ledger\Payloads;

use App\Contract\JsonObject;
use App\Models\MachineRuns;

/** A fault as a hirer describes it. */
final readonly class HirerReportedPayload implements Payload
{
    /**
     * @param string|null $phone under which they are reached
     * @param string|null $photo SHA-256 of a picture that was sent before
     */
    private function __construct(
        public string $words,
        public MachineRuns $runs,
        public ?string $phone,
        public ?string $photo,
    ) {
    }

    public static function read(JsonObject $json): static
    {
        return new self(
            trim($json->string('words')),
            MachineRuns::from($json->string('runs')),
            $json->has('phone') ? $json->string('phone') : null,
            $json->has('photo') ? $json->string('photo') : null,
        );
    }
}
