<?php

declare(strict_types=1);

namespace App\Ledger\Payloads;

use App\Contract\JsonObject;
use JadeLedger\Core\Check\Severity;

/** Something wrong, put on the plan. */
final readonly class FindingPlacedPayload implements Payload
{
    /**
     * @param list<string> $photos digests
     * @param string|null $line from which it was placed
     * @param Severity|null $severity graver than proposed
     */
    private function __construct(
        public FindingDescription $description,
        public string $words,
        public array $photos,
        public ?string $line,
        public ?Severity $severity,
    ) {
    }

    public static function read(JsonObject $json): static
    {
        return new self(
            FindingDescription::read($json),
            $json->string('words'),
            $json->strings('photos'),
            $json->optionalString('line'),
            $json->has('severity') ? Severity::from($json->string('severity')) : null,
        );
    }
}
