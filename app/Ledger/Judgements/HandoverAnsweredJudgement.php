<?php

declare(strict_types=1);

namespace App\Ledger\Judgements;

use App\Contract\JsonObject;

/** Whether it was right, in the words of the question and the answer as they were shown. */
final readonly class HandoverAnsweredJudgement implements RecordedJudgement
{
    public function __construct(public bool $isRight, public string $asked, public string $said)
    {
    }

    public static function read(JsonObject $json): static
    {
        return new self($json->flag('is_right'), $json->string('asked'), $json->string('said'));
    }

    public function record(): array
    {
        return ['is_right' => $this->isRight, 'asked' => $this->asked, 'said' => $this->said];
    }
}
