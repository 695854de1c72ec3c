<?php

declare(strict_types=1);

namespace App\Ledger\Judgements;

use App\Contract\JsonObject;
use JadeLedger\Core\Release\Decision;

/** What the core decided of itself, and on what grounds. */
final readonly class ReleaseJudgement implements RecordedJudgement
{
    /** @param  list<GroundRecord>  $grounds */
    public function __construct(
        public Decision $computed,
        public array $grounds,
    ) {
    }

    public static function read(JsonObject $json): static
    {
        return new self(
            Decision::from($json->string('computed')),
            array_map(GroundRecord::read(...), $json->objects('grounds')),
        );
    }

    public function record(): array
    {
        return [
            'computed' => $this->computed->value,
            'grounds' => array_map(static fn (GroundRecord $ground): array => $ground->record(), $this->grounds),
        ];
    }
}
