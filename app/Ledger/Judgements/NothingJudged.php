<?php

declare(strict_types=1);

namespace App\Ledger\Judgements;

use App\Contract\JsonObject;

/** Of kinds about which the core has nothing to say. */
final readonly class NothingJudged implements RecordedJudgement
{
    public static function read(JsonObject $json): static
    {
        return new self;
    }

    public function record(): array
    {
        return [];
    }
}
