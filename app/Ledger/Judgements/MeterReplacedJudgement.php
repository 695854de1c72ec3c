<?php

declare(strict_types=1);

namespace App\Ledger\Judgements;

use App\Contract\JsonObject;
use Carbon\CarbonImmutable;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Reading\Counted\MeterReplacement;

/**
 * How far the old meter counts, the hours that are added to the new one, and since when it may have been there: it was
 * put on at some time after the old one was read last.
 */
final readonly class MeterReplacedJudgement implements RecordedJudgement
{
    private function __construct(
        public Quantity $countedTo,
        public Quantity $offset,
        public bool $isEstimated,
        public CarbonImmutable $since,
    ) {
    }

    public static function of(MeterReplacement $replacement, CarbonImmutable $since): self
    {
        return new self($replacement->countedTo, $replacement->offset(), $replacement->isEstimated, $since);
    }

    public static function read(JsonObject $json): static
    {
        return new self(
            Quantity::of($json->string('counted_to'), Unit::Hour),
            Quantity::of($json->string('offset'), Unit::Hour),
            $json->flag('is_estimated'),
            CarbonImmutable::parse($json->string('since')),
        );
    }

    public function record(): array
    {
        return [
            'counted_to' => $this->countedTo->text(),
            'offset' => $this->offset->text(),
            'is_estimated' => $this->isEstimated,
            'since' => $this->since->toIso8601ZuluString('microsecond'),
        ];
    }
}
