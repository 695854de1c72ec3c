<?php

declare(strict_types=1);

namespace App\Ledger\Judgements;

use App\Contract\JsonObject;
use Carbon\CarbonImmutable;

/** When the meter showed that: now, or at noon of a day that is past. */
final readonly class MeterReadJudgement implements RecordedJudgement
{
    public function __construct(public CarbonImmutable $at)
    {
    }

    public static function read(JsonObject $json): static
    {
        return new self(CarbonImmutable::parse($json->string('at')));
    }

    public function record(): array
    {
        return ['at' => $this->at->toIso8601ZuluString('microsecond')];
    }
}
