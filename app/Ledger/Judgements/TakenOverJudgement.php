<?php

declare(strict_types=1);

namespace App\Ledger\Judgements;

use App\Contract\JsonObject;

/** From whom a walk was taken; from nobody where nobody had the key. */
final readonly class TakenOverJudgement implements RecordedJudgement
{
    /** @param  string|null  $from  id of a person */
    public function __construct(public ?string $from)
    {
    }

    public static function read(JsonObject $json): static
    {
        return new self($json->optionalString('from'));
    }

    public function record(): array
    {
        return $this->from === null ? [] : ['from' => $this->from];
    }
}
