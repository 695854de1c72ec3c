<?php

declare(strict_types=1);

namespace App\Ledger\Judgements;

use App\Contract\JsonObject;
use JadeLedger\Core\Check\Severity;
use JadeLedger\Core\Source\Source;

/** Where something lies on the machine and how grave it is. */
final readonly class FindingPlacedJudgement implements RecordedJudgement
{
    /** @param  string|null  $rule of the triage, that proposed it */
    public function __construct(
        public string $part,
        public string $system,
        public Severity $proposed,
        public ?string $rule,
        public string $because,
        public Source $source,
        public Severity $severity,
        public Thumbnails $thumbnails,
    ) {
    }

    public static function read(JsonObject $json): static
    {
        return new self(
            $json->string('part'),
            $json->string('system'),
            Severity::from($json->string('proposed_severity')),
            $json->optionalString('rule'),
            $json->string('because'),
            SourceRecord::read($json->object('source')),
            Severity::from($json->string('severity')),
            Thumbnails::read($json),
        );
    }

    public function record(): array
    {
        return [
            'part' => $this->part,
            'system' => $this->system,
            'proposed_severity' => $this->proposed->value,
            'rule' => $this->rule,
            'because' => $this->because,
            'source' => SourceRecord::of($this->source),
            'severity' => $this->severity->value,
            ...$this->thumbnails->record(),
        ];
    }
}
