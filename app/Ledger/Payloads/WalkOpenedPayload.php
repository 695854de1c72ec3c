<?php

declare(strict_types=1);

namespace App\Ledger\Payloads;

use App\Contract\JsonObject;
use JadeLedger\Core\Check\Movement;

/** With which plan and catalogue a walk was opened. */
final readonly class WalkOpenedPayload implements Payload
{
    /** @param  string|null  $catalogueSha256 not in the first release */
    private function __construct(
        public Movement $movement,
        public string $catalogueVersion,
        public string $planSha256,
        public ?string $catalogueSha256,
    ) {
    }

    public static function read(JsonObject $json): static
    {
        return new self(
            Movement::from($json->string('movement')),
            $json->string('catalogue_version'),
            $json->string('plan_sha256'),
            $json->optionalString('catalogue_sha256'),
        );
    }
}
