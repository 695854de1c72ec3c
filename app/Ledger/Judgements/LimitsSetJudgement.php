<?php

declare(strict_types=1);

namespace App\Ledger\Judgements;

use App\Contract\JsonObject;

/** What a sheet came to, with the figures that it was computed from. */
final readonly class LimitsSetJudgement implements RecordedJudgement
{
    /**
     * @param string $title of the sheet
     * @param array<string, array{value: string, unit: string|null}> $inputs all of them, by field
     * @param array<string, mixed> $result as App\Limits\SheetRecord writes it
     */
    public function __construct(
        public string $title,
        public string $machineId,
        public array $inputs,
        public array $result,
    ) {
    }

    public static function read(JsonObject $json): static
    {
        return new self(
            $json->string('title'),
            $json->string('machine_id'),
            $json->object('inputs')->toArray(),
            $json->object('result')->toArray(),
        );
    }

    public function record(): array
    {
        return [
            'title' => $this->title, 'machine_id' => $this->machineId,
            'inputs' => (object) $this->inputs, 'result' => $this->result,
        ];
    }
}
