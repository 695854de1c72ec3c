<?php

declare(strict_types=1);

namespace App\Ledger\Judgements;

use App\Contract\JsonObject;
use JadeLedger\Core\Check\Severity;

/** How grave a finding was and is. */
final readonly class FindingGradedJudgement implements RecordedJudgement
{
    public function __construct(
        public Severity $from,
        public Severity $to,
    ) {
    }

    public static function read(JsonObject $json): static
    {
        return new self(
            Severity::from($json->string('from')),
            Severity::from($json->string('to')),
        );
    }

    public function record(): array
    {
        return [
            'from' => $this->from->value,
            'to' => $this->to->value,
        ];
    }
}
