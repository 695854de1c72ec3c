<?php

declare(strict_types=1);

namespace App\Ledger\Payloads;

use App\Contract\JsonObject;
use JadeLedger\Core\Check\Severity;

/** Another severity of a finding. */
final readonly class FindingGradedPayload implements Payload
{
    /** @param  string  $reason may be empty where the severity is raised */
    private function __construct(
        public string $finding,
        public Severity $severity,
        public string $reason,
    ) {
    }

    public static function read(JsonObject $json): static
    {
        return new self(
            $json->string('finding'),
            Severity::from($json->string('severity')),
            $json->string('reason'),
        );
    }
}
