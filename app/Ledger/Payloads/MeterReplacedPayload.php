<?php

declare(strict_types=1);

namespace App\Ledger\Payloads;

use App\Contract\JsonObject;
use JadeLedger\Core\Meter\Meter;

/** Another hour meter on a machine. Hours as decimal text. */
final readonly class MeterReplacedPayload implements Payload
{
    /**
     * @param string|null $removed what the old meter showed; none where it could not be read
     * @param string $began what the new one showed when it was put on
     * @param string $photo the new meter, by the SHA-256 of the picture
     */
    private function __construct(
        public ?string $removed,
        public string $began,
        public string $photo,
        public string $reason,
        public Meter $meter,
    ) {
    }

    public static function read(JsonObject $json): static
    {
        return new self(
            $json->optionalString('removed'),
            $json->string('began'),
            $json->string('photo'),
            trim($json->string('reason')),
            Meter::from($json->optionalString('meter') ?? Meter::Main->value),
        );
    }
}
