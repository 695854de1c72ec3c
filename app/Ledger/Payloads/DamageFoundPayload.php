<?php

declare(strict_types=1);

namespace App\Ledger\Payloads;

use App\Contract\JsonObject;
use JadeLedger\Core\Check\Severity;

/** Something wrong that was seen beside a walk. */
final readonly class DamageFoundPayload implements Payload
{
    /**
     * @param list<string> $photos digests
     * @param Severity|null $severity graver than proposed
     */
    private function __construct(
        public FindingDescription $description,
        public string $words,
        public array $photos,
        public ?Severity $severity,
    ) {
    }

    public static function read(JsonObject $json): static
    {
        return new self(
            FindingDescription::read($json),
            $json->string('words'),
            $json->strings('photos'),
            $json->has('severity') ? Severity::from($json->string('severity')) : null,
        );
    }
}
