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
            self::inputs($json->object('inputs')),
            $json->object('result')->byName(),
        );
    }

    public function record(): array
    {
        return [
            'title' => $this->title, 'machine_id' => $this->machineId,
            'inputs' => (object) $this->inputs, 'result' => $this->result,
        ];
    }

    /** @return array<string, array{value: string, unit: string|null}> */
    private static function inputs(JsonObject $json): array
    {
        $inputs = [];
        foreach ($json->names() as $name) {
            $one = $json->object($name);
            $inputs[$name] = ['value' => $one->string('value'), 'unit' => $one->optionalString('unit')];
        }

        return $inputs;
    }
}
