<?php

declare(strict_types=1);

namespace App\Ledger;

use Carbon\CarbonImmutable;
use Illuminate\Support\Str;

/** An entry that the application posts itself, in the form in which tablets send theirs. */
final class RawEntry
{
    /**
     * @param array<string, mixed> $payload
     * @param string|null $id where the same thing said twice has to be the same entry
     */
    public static function of(string $kind, array $payload, CarbonImmutable $at, ?string $id = null): \stdClass
    {
        return (object) [
            'id' => $id ?? (string) Str::uuid7($at),
            'kind' => $kind,
            'recorded_at' => $at->utc()->format('Y-m-d\TH:i:s.u\Z'),
            'payload' => (object) $payload,
        ];
    }
}
