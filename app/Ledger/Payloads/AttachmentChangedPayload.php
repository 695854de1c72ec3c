<?php

declare(strict_types=1);

namespace App\Ledger\Payloads;

use App\Contract\JsonObject;

/** What is fitted to a machine from now on. */
final readonly class AttachmentChangedPayload implements Payload
{
    /** @param  string|null  $fitted by the yard's own name; none where the machine is left without */
    private function __construct(public ?string $fitted)
    {
    }

    public static function read(JsonObject $json): static
    {
        $fitted = $json->optionalString('fitted');

        return new self($fitted === null ? null : trim($fitted));
    }
}
