<?php

declare(strict_types=1);

namespace App\Ledger\Judgements;

use App\Contract\JsonObject;

/** What became of each entry that was taken: judged when the lead looked, not when it was posted. */
final readonly class DoubtSettledJudgement implements RecordedJudgement
{
    /** @param  array<string, JsonObject>  $judgements  by entry */
    private function __construct(private array $judgements)
    {
    }

    public static function noneTaken(): self
    {
        return new self([]);
    }

    /** @param  array<string, RecordedJudgement>  $judgements  by entry */
    public static function taken(array $judgements): self
    {
        return new self(array_map(
            static fn (RecordedJudgement $one): JsonObject => JsonObject::of($one->record()),
            $judgements,
        ));
    }

    public static function read(JsonObject $json): static
    {
        $judgements = [];
        $all = $json->object('judgements');
        foreach ($all->names() as $entry) {
            $judgements[$entry] = $all->object($entry);
        }

        return new self($judgements);
    }

    public function of(string $entry): JsonObject
    {
        return $this->judgements[$entry];
    }

    public function record(): array
    {
        return ['judgements' => (object) array_map(
            static fn (JsonObject $one): array => $one->toArray(),
            $this->judgements,
        )];
    }
}
