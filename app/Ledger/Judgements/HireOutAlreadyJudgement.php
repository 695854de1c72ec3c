<?php

declare(strict_types=1);

namespace App\Ledger\Judgements;

use App\Contract\JsonObject;
use Carbon\CarbonImmutable;

/** Since when a machine has been out. */
final readonly class HireOutAlreadyJudgement implements RecordedJudgement
{
    public function __construct(public CarbonImmutable $since)
    {
    }

    public static function read(JsonObject $json): static
    {
        return new self(CarbonImmutable::parse($json->string('since')));
    }

    public function record(): array
    {
        return ['since' => $this->since->toIso8601ZuluString('microsecond')];
    }
}
