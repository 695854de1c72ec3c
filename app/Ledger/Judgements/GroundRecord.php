<?php

declare(strict_types=1);

namespace App\Ledger\Judgements;

use App\Contract\JsonObject;
use JadeLedger\Core\Release\Ground;

/** What stood in the way of a release, as it is written down. */
final readonly class GroundRecord
{
    private function __construct(
        public string $reference,
        public string $outcome,
        public string $severity,
        public string $liftedBy,
    ) {
    }

    public static function of(Ground $ground): self
    {
        return new self(
            $ground->reference,
            $ground->outcome->value,
            $ground->severity->value,
            $ground->liftedBy->value,
        );
    }

    public static function read(JsonObject $json): self
    {
        return new self(
            $json->string('reference'),
            $json->string('outcome'),
            $json->string('severity'),
            $json->string('lifted_by'),
        );
    }

    /** @return array<string, string> */
    public function record(): array
    {
        return [
            'reference' => $this->reference,
            'outcome' => $this->outcome,
            'severity' => $this->severity,
            'lifted_by' => $this->liftedBy,
        ];
    }
}
