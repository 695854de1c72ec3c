<?php

declare(strict_types=1);

namespace App\Ledger\Payloads;

use App\Contract\JsonObject;

/**
 * What every answer to a line of a walk says.
 *
 * @phpstan-consistent-constructor
 */
abstract readonly class LineAnswer implements NamesSecond, Payload
{
    public string $line;

    /** Why a stop is taken back without being mended. */
    public string $liftReason;

    private ?string $second;

    protected function __construct(JsonObject $json)
    {
        $this->line = $json->string('line');
        $this->liftReason = trim($json->optionalString('lift_reason') ?? '');
        $this->second = $json->optionalString('second');
    }

    public static function read(JsonObject $json): static
    {
        return new static($json);
    }

    public function second(): ?string
    {
        return $this->second;
    }
}
