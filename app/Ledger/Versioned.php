<?php

declare(strict_types=1);

namespace App\Ledger;

/**
 * A kind whose payload had another form before. What was written stays as it was written: it carries the version of
 * its form, and is brought to the present one each time that it is read.
 */
interface Versioned
{
    /** @return int<2, max> the present form; the first one is 1 and is not written down */
    public static function version(): int;

    /**
     * Brings a payload one form further.
     *
     * @param array<array-key, mixed> $payload
     * @param int<1, max> $from its version
     * @return array<array-key, mixed>
     */
    public static function upcast(array $payload, int $from): array;
}
