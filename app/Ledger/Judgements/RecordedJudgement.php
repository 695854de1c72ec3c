<?php

declare(strict_types=1);

namespace App\Ledger\Judgements;

use App\Contract\JsonObject;

/**
 * What the core said of an entry, as it is written beside the payload and hashed with it: keys and figures, no
 * language.
 */
interface RecordedJudgement
{
    public static function read(JsonObject $json): static;

    /** @return array<string, mixed> */
    public function record(): array;
}
