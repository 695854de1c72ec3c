<?php

declare(strict_types=1);

namespace App\Ledger\Judgements;

use App\Contract\JsonObject;
use JadeLedger\Core\Check\Severity;
use JadeLedger\Core\Finding\Comparison;

/** Damage that was known, held against what it was. */
final readonly class FindingSeenJudgement implements RecordedJudgement
{
    public function __construct(
        public Comparison $comparison,
        public Severity $severity,
        public ?int $sizeBeforeMm,
        public Thumbnails $thumbnails,
    ) {
    }

    public static function read(JsonObject $json): static
    {
        return new self(
            Comparison::from($json->string('comparison')),
            Severity::from($json->string('severity')),
            $json->optionalInteger('size_before_mm'),
            Thumbnails::read($json),
        );
    }

    public function record(): array
    {
        return [
            'comparison' => $this->comparison->value,
            'severity' => $this->severity->value,
            'size_before_mm' => $this->sizeBeforeMm,
            ...$this->thumbnails->record(),
        ];
    }
}
