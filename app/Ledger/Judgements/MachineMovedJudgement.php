<?php

declare(strict_types=1);

namespace App\Ledger\Judgements;

use App\Contract\JsonObject;

/** Where a machine stood before. */
final readonly class MachineMovedJudgement implements RecordedJudgement
{
    /** @param  string|null  $from  a bay, where one was known */
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
