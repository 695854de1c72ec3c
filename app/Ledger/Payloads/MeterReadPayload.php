<?php

declare(strict_types=1);

namespace App\Ledger\Payloads;

use App\Contract\JsonObject;
use JadeLedger\Core\Meter\Meter;

/** An hour meter that was read beside a walk. Hours as decimal text. */
final readonly class MeterReadPayload implements Payload
{
    /** @param  string|null  $on a day of the yard's calendar that is past; none for now */
    private function __construct(public string $hours, public ?string $on, public Meter $meter)
    {
    }

    public static function read(JsonObject $json): static
    {
        return new self(
            $json->string('hours'),
            $json->optionalString('on'),
            Meter::from($json->optionalString('meter') ?? Meter::Main->value),
        );
    }
}
