<?php

declare(strict_types=1);

namespace App\Ledger\Judgements;

use App\Contract\JsonObject;
use JadeLedger\Core\Release\Decision;

/**
 * The decision that hanging a tag is, and the number that stands on it: printed once, it stays, whatever is rebuilt.
 */
final readonly class TagHungJudgement implements RecordedJudgement
{
    /** @param  int|null  $number  not in entries of before 0.7.0 */
    public function __construct(
        public Decision $decision,
        public ?int $number,
    ) {
    }

    public static function read(JsonObject $json): static
    {
        return new self(
            Decision::from($json->string('decision')),
            $json->optionalInteger('number'),
        );
    }

    public function record(): array
    {
        return ['decision' => $this->decision->value]
            + ($this->number === null ? [] : ['number' => $this->number]);
    }
}
