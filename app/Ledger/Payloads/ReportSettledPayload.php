<?php

declare(strict_types=1);

namespace App\Ledger\Payloads;

use App\Contract\JsonObject;
use App\Models\ReportOutcome;

/** What the yard did about a fault that a hirer reported. */
final readonly class ReportSettledPayload implements Payload
{
    private function __construct(public string $report, public ReportOutcome $how, public string $words)
    {
    }

    public static function read(JsonObject $json): static
    {
        return new self(
            $json->string('report'),
            ReportOutcome::from($json->string('how')),
            trim($json->string('words')),
        );
    }
}
