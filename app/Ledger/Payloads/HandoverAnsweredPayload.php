<?php

declare(strict_types=1);

namespace App\Ledger\Payloads;

use App\Contract\JsonObject;

/** What somebody who was briefed answered. Forms and answers are numbered as in the catalogue. */
final readonly class HandoverAnsweredPayload implements Payload
{
    private function __construct(public string $question, public int $form, public int $answer)
    {
    }

    public static function read(JsonObject $json): static
    {
        return new self($json->string('question'), $json->integer('form'), $json->integer('answer'));
    }
}
