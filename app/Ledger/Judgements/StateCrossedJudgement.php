<?php

declare(strict_types=1);

namespace App\Ledger\Judgements;

use App\Contract\JsonObject;

/** The state that the machine is in from then on. */
final readonly class StateCrossedJudgement implements RecordedJudgement
{
    public function __construct(
        public string $stage,
    ) {
    }

    public static function read(JsonObject $json): static
    {
        return new self(
            $json->string('stage'),
        );
    }

    public function record(): array
    {
        return [
            'stage' => $this->stage,
        ];
    }
}
