<?php

declare(strict_types=1);

namespace App\Ledger\Payloads;

use App\Contract\JsonObject;

/** What stands on a paper or a plate. */
final readonly class PaperComparedPayload extends LineAnswer
{
    public string $date;

    public string $hours;

    public string $serial;

    protected function __construct(JsonObject $json)
    {
        parent::__construct($json);
        $this->date = trim($json->optionalString('date') ?? '');
        $this->hours = trim($json->optionalString('hours') ?? '');
        $this->serial = trim($json->optionalString('serial') ?? '');
    }
}
