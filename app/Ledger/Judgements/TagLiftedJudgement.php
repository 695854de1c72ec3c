<?php

declare(strict_types=1);

namespace App\Ledger\Judgements;

use App\Contract\JsonObject;

/** Which tag came off. */
final readonly class TagLiftedJudgement implements RecordedJudgement
{
    /** @param  string  $tag id of the entry that hung it */
    public function __construct(
        public string $tag,
    ) {
    }

    public static function read(JsonObject $json): static
    {
        return new self(
            $json->string('tag'),
        );
    }

    public function record(): array
    {
        return [
            'tag' => $this->tag,
        ];
    }
}
