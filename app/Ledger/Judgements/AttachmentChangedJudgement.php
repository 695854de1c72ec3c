<?php

declare(strict_types=1);

namespace App\Ledger\Judgements;

use App\Contract\JsonObject;

/** What was fitted before, and what has to be looked at again on the walk that is open. */
final readonly class AttachmentChangedJudgement implements RecordedJudgement
{
    /**
     * @param string|null $before none where nothing was, or nobody had said
     * @param string|null $walk that is open and has not left; none where there is none
     * @param list<string> $due keys of its lines
     */
    public function __construct(public ?string $before, public ?string $walk, public array $due)
    {
    }

    public static function read(JsonObject $json): static
    {
        return new self(
            $json->optionalString('before'),
            $json->optionalString('walk'),
            $json->has('due') ? $json->strings('due') : [],
        );
    }

    public function record(): array
    {
        return ($this->before === null ? [] : ['before' => $this->before])
            + ($this->walk === null ? [] : ['walk' => $this->walk, 'due' => $this->due]);
    }
}
