<?php

declare(strict_types=1);

namespace App\Ledger\Judgements;

use App\Contract\JsonObject;

/** The tag under which something was mended, and what has to be looked at again for it. */
final readonly class RepairJudgement implements RecordedJudgement
{
    /**
     * @param string $tag id of the entry that hung it
     * @param list<string> $due keys of lines
     */
    public function __construct(
        public string $tag,
        public array $due,
    ) {
    }

    public static function read(JsonObject $json): static
    {
        return new self(
            $json->string('tag'),
            $json->strings('due'),
        );
    }

    public function record(): array
    {
        return [
            'tag' => $this->tag,
            'due' => $this->due,
        ];
    }
}
