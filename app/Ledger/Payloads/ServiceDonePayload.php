<?php

declare(strict_types=1);

namespace App\Ledger\Payloads;

use App\Contract\JsonObject;

/** A service point that was done: today, or on a day that is past. */
final readonly class ServiceDonePayload implements Payload
{
    /**
     * @param string|null $hours in all at that time; none where it was done at what the meter was read last
     * @param string|null $on a day of the yard's calendar; none for today
     */
    private function __construct(public string $point, public ?string $hours, public ?string $on, public string $words)
    {
    }

    public static function read(JsonObject $json): static
    {
        return new self(
            $json->string('point'),
            $json->optionalString('hours'),
            $json->optionalString('on'),
            trim((string) $json->optionalString('words')),
        );
    }
}
