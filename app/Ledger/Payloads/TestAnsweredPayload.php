<?php

declare(strict_types=1);

namespace App\Ledger\Payloads;

use App\Contract\JsonObject;

/** A function test, as far as it went. */
final readonly class TestAnsweredPayload extends LineAnswer
{
    /** @var list<TestStepPayload> */
    public array $steps;

    /** Why it did not go to its end. */
    public ?string $brokenOff;

    protected function __construct(JsonObject $json)
    {
        parent::__construct($json);
        $this->steps = array_map(TestStepPayload::read(...), $json->objects('steps'));
        $this->brokenOff = $json->optionalString('broken_off');
    }
}
