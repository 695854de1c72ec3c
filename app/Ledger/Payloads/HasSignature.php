<?php

declare(strict_types=1);

namespace App\Ledger\Payloads;

use App\Contract\JsonObject;

/** Strokes as the contract has them: lists of whole numbers. */
trait HasSignature
{
    /** @return list<list<int>> */
    private static function strokes(JsonObject $json): array
    {
        return array_map(
            static fn (mixed $stroke): array => is_array($stroke)
                ? array_values(array_map(static fn (mixed $part): int => is_int($part) ? $part : 0, $stroke))
                : [],
            $json->list('signature'),
        );
    }
}
