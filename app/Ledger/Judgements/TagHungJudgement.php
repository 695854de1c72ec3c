<?php

declare(strict_types=1);

namespace App\Ledger\Judgements;

use App\Contract\JsonObject;
use JadeLedger\Core\Release\Decision;

/** The decision that hanging a tag is. */
final readonly class TagHungJudgement implements RecordedJudgement
{
    public function __construct(
        public Decision $decision,
    ) {
    }

    public static function read(JsonObject $json): static
    {
        return new self(
            Decision::from($json->string('decision')),
        );
    }

    public function record(): array
    {
        return [
            'decision' => $this->decision->value,
        ];
    }
}
