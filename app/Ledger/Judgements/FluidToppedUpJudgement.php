<?php

declare(strict_types=1);

namespace App\Ledger\Judgements;

use App\Contract\JsonObject;

/** What the model asks for there. */
final readonly class FluidToppedUpJudgement implements RecordedJudgement
{
    public function __construct(public string $fluid)
    {
    }

    public static function read(JsonObject $json): static
    {
        return new self($json->string('fluid'));
    }

    public function record(): array
    {
        return ['fluid' => $this->fluid];
    }
}
