<?php

declare(strict_types=1);

namespace App\Ledger\Payloads;

use App\Contract\JsonObject;

/** A trouble code that is active. */
final readonly class ActiveCode implements Payload
{
    /**
     * @param int $spn suspect parameter number
     * @param int $fmi failure mode identifier
     */
    private function __construct(
        public int $spn,
        public int $fmi,
    ) {
    }

    public static function read(JsonObject $json): static
    {
        return new self(
            $json->integer('spn'),
            $json->integer('fmi'),
        );
    }
}
