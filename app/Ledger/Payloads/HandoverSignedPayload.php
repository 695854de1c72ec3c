<?php

declare(strict_types=1);

namespace App\Ledger\Payloads;

use App\Contract\JsonObject;
use JadeLedger\Core\Briefing\BriefingLength;

/** Who took the machine over. */
final readonly class HandoverSignedPayload implements Payload
{
    use HasSignature;

    /**
     * @param list<GatePassed> $gates
     * @param list<list<int>> $signature strokes of the pen, each a list of x and y in thousandths of the field's width
     */
    private function __construct(
        public string $name,
        public array $gates,
        public array $signature,
        public BriefingLength $length,
    ) {
    }

    public static function read(JsonObject $json): static
    {
        return new self(
            $json->string('name'),
            array_map(GatePassed::read(...), $json->objects('gates')),
            self::strokes($json),
            BriefingLength::from($json->optionalString('length') ?? BriefingLength::Full->value),
        );
    }
}
