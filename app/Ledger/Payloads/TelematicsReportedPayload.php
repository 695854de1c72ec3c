<?php

declare(strict_types=1);

namespace App\Ledger\Payloads;

use App\Contract\JsonObject;
use Carbon\CarbonImmutable;

/** Hours that a machine reported of itself, as decimal text. */
final readonly class TelematicsReportedPayload implements Payload
{
    private function __construct(public string $hours, public CarbonImmutable $at)
    {
    }

    public static function read(JsonObject $json): static
    {
        return new self($json->string('hours'), CarbonImmutable::parse($json->string('at'))->utc());
    }
}
