<?php

declare(strict_types=1);

namespace App\Ledger\Payloads;

use App\Contract\JsonObject;
use JadeLedger\Core\Reading\LookAnswer;

/** A line answered by eye. */
final readonly class CheckAnsweredPayload extends LineAnswer
{
    public LookAnswer $answer;

    public string $words;

    /** Said of several lines of a station at once. */
    public bool $isSaidTogether;

    protected function __construct(JsonObject $json)
    {
        parent::__construct($json);
        $this->answer = LookAnswer::from($json->string('answer'));
        $this->words = trim($json->optionalString('words') ?? '');
        $this->isSaidTogether = $json->flag('together');
    }
}
