<?php

declare(strict_types=1);

namespace App\Ledger\Payloads;

use App\Contract\JsonObject;

/** Lines that stand as they did on the return walk, with the entries that say so. */
final readonly class LinesAffirmedPayload implements Payload
{
    /** @param  array<string, string>  $lines  ids of entries by line key */
    private function __construct(public array $lines)
    {
    }

    public static function read(JsonObject $json): static
    {
        $lines = [];
        foreach ($json->objects('lines') as $line) {
            $lines[$line->string('line')] = $line->string('entry');
        }

        return new self($lines);
    }
}
