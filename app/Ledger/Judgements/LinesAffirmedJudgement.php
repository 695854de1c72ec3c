<?php

declare(strict_types=1);

namespace App\Ledger\Judgements;

use App\Contract\JsonObject;

/** What the lines rest on that were affirmed. */
final readonly class LinesAffirmedJudgement implements RecordedJudgement
{
    /** @param  list<AffirmedLine>  $lines */
    public function __construct(public array $lines)
    {
    }

    public static function read(JsonObject $json): static
    {
        return new self(array_map(AffirmedLine::read(...), $json->objects('lines')));
    }

    public function record(): array
    {
        return ['lines' => array_map(static fn (AffirmedLine $line): array => $line->record(), $this->lines)];
    }
}
