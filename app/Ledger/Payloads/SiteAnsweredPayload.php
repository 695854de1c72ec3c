<?php

declare(strict_types=1);

namespace App\Ledger\Payloads;

use App\Contract\JsonObject;
use JadeLedger\Core\Catalogue\SiteAnswer;

/** What somebody said of the place where a machine will work. */
final readonly class SiteAnsweredPayload implements Payload
{
    /** @param  array<string, SiteAnswer>  $answers by question */
    private function __construct(public array $answers)
    {
    }

    public static function read(JsonObject $json): static
    {
        $answers = [];
        $said = $json->object('answers');
        foreach ($said->names() as $question) {
            $answers[$question] = SiteAnswer::from($said->string($question));
        }

        return new self($answers);
    }
}
