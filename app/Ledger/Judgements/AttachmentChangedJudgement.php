<?php

declare(strict_types=1);

namespace App\Ledger\Judgements;

use App\Contract\JsonObject;

/** What was fitted before, and what has to be looked at again on every walk that has not left. */
final readonly class AttachmentChangedJudgement implements RecordedJudgement
{
    /**
     * @param string|null $before none where nothing was, or nobody had said
     * @param list<string> $due ids of checks
     */
    public function __construct(public ?string $before, public array $due)
    {
    }

    public static function read(JsonObject $json): static
    {
        return new self(
            $json->optionalString('before'),
            $json->strings('due'),
        );
    }

    public function record(): array
    {
        return ($this->before === null ? [] : ['before' => $this->before]) + ['due' => $this->due];
    }
}
