<?php

declare(strict_types=1);

namespace App\Ledger\Judgements;

use App\Contract\JsonObject;

/** Whose operator it is. */
final readonly class OperatorRecordedJudgement implements RecordedJudgement
{
    public function __construct(public string $hirerId)
    {
    }

    public static function read(JsonObject $json): static
    {
        return new self($json->string('hirer_id'));
    }

    public function record(): array
    {
        return ['hirer_id' => $this->hirerId];
    }
}
