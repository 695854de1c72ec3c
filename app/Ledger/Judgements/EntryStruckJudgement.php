<?php

declare(strict_types=1);

namespace App\Ledger\Judgements;

use App\Contract\JsonObject;

/** What kind of entry was struck, and with what right where that takes a stop back. */
final readonly class EntryStruckJudgement implements RecordedJudgement
{
    public function __construct(public string $kind, public ?StopLifted $lifted)
    {
    }

    public static function read(JsonObject $json): static
    {
        return new self($json->string('kind'), StopLifted::read($json));
    }

    public function record(): array
    {
        return ['kind' => $this->kind] + ($this->lifted?->record() ?? []);
    }
}
