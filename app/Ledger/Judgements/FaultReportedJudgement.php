<?php

declare(strict_types=1);

namespace App\Ledger\Judgements;

use App\Contract\JsonObject;
use JadeLedger\Core\Check\Severity;

/** How grave a reported fault is, and the part of the machine that it is drawn at. */
final readonly class FaultReportedJudgement implements RecordedJudgement
{
    /**
     * @param float $x centimetres on the plan drawing
     */
    public function __construct(
        public Severity $severity,
        public int $level,
        public string $part,
        public string $system,
        public float $x,
        public float $y,
    ) {
    }

    public static function read(JsonObject $json): static
    {
        return new self(
            Severity::from($json->string('severity')),
            $json->integer('level'),
            $json->string('part'),
            $json->string('system'),
            $json->number('x'),
            $json->number('y'),
        );
    }

    public function record(): array
    {
        return [
            'severity' => $this->severity->value,
            'level' => $this->level,
            'part' => $this->part,
            'system' => $this->system,
            'x' => $this->x,
            'y' => $this->y,
        ];
    }
}
