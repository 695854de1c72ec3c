<?php

declare(strict_types=1);

namespace App\Ledger\Payloads;

use App\Contract\JsonObject;
use JadeLedger\Core\Release\Decision;

/** The decision that somebody puts their name to. */
final readonly class ReleaseDecidedPayload implements Payload
{
    /** @param  list<ReleaseCondition>  $conditions */
    private function __construct(
        public Decision $decision,
        public array $conditions,
    ) {
    }

    public static function read(JsonObject $json): static
    {
        return new self(
            Decision::from($json->string('decision')),
            array_map(ReleaseCondition::read(...), $json->objects('conditions')),
        );
    }
}
