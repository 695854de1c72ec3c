<?php

declare(strict_types=1);

namespace App\Ledger\Payloads;

use App\Contract\JsonObject;

/** Another person who was briefed and signed. */
final readonly class HandoverAlsoSignedPayload implements Payload
{
    use HasSignature;

    /**
     * @param list<GatePassed> $gates
     * @param list<list<int>> $signature strokes of the pen, each a list of x and y in thousandths of the field's width
     */
    private function __construct(public string $name, public array $gates, public array $signature)
    {
    }

    public static function read(JsonObject $json): static
    {
        return new self(
            trim($json->string('name')),
            array_map(GatePassed::read(...), $json->objects('gates')),
            self::strokes($json),
        );
    }
}
