<?php

declare(strict_types=1);

namespace App\Ledger\Payloads;

use App\Contract\JsonObject;

/** The state that the machine was brought into, and the lines that were confirmed. */
final readonly class StateCrossedPayload implements NamesSecond, Payload
{
    /**
     * @param list<string> $confirmed ids of lines of the crossing
     * @param string|null $second who stands by
     * @param string|null $secondFrom id of the crossing at which they confirmed it, where they have stood by since
     */
    private function __construct(
        public string $stage,
        public array $confirmed,
        public ?string $second,
        public ?string $secondFrom,
    ) {
    }

    public static function read(JsonObject $json): static
    {
        return new self(
            $json->string('stage'),
            $json->strings('confirmed'),
            $json->optionalString('second'),
            $json->optionalString('second_from'),
        );
    }

    public function second(): ?string
    {
        return $this->second;
    }
}
