<?php

declare(strict_types=1);

namespace App\Ledger\Judgements;

use App\Contract\JsonObject;

/** How much the plan of a walk asks for. */
final readonly class WalkOpenedJudgement implements RecordedJudgement
{
    public function __construct(
        public int $seconds,
        public int $lines,
    ) {
    }

    public static function read(JsonObject $json): static
    {
        return new self(
            $json->integer('seconds_planned'),
            $json->integer('lines_planned'),
        );
    }

    public function record(): array
    {
        return [
            'seconds_planned' => $this->seconds,
            'lines_planned' => $this->lines,
        ];
    }
}
