<?php

declare(strict_types=1);

namespace App\Ledger\Payloads;

use App\Contract\JsonObject;

/**
 * What somebody said with an entry. One readonly class for each kind; what was written in an older form is brought to
 * the present one before it is read.
 */
interface Payload
{
    /** @param  JsonObject  $json that fits the schema of its kind in the contract */
    public static function read(JsonObject $json): static;
}
