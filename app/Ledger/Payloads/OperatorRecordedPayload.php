<?php

declare(strict_types=1);

namespace App\Ledger\Payloads;

use App\Contract\JsonObject;

/** What was seen of somebody who will operate the machine. Days are of the calendar. */
final readonly class OperatorRecordedPayload implements Payload
{
    /**
     * @param string|null $validUntil last day of the proof; none where it says none
     * @param string|null $inspectionOn when the inspection before use was evaluated
     * @param string|null $courseOn when the course of manoeuvres was evaluated
     * @param string $evaluator who evaluated, or who of the employer vouches for it
     * @param string|null $photo SHA-256 of a picture of the proof, sent before
     * @param bool $hasOwnCode whether a code of their own was set on the machine; the code itself is kept nowhere
     */
    private function __construct(
        public string $name,
        public string $category,
        public string $issuer,
        public string $number,
        public ?string $validUntil,
        public ?string $inspectionOn,
        public ?string $courseOn,
        public string $evaluator,
        public bool $hasOwnCode,
        public ?string $photo,
    ) {
    }

    public static function read(JsonObject $json): static
    {
        return new self(
            trim($json->string('name')),
            $json->string('category'),
            trim((string) $json->optionalString('issuer')),
            trim($json->string('number')),
            $json->optionalString('valid_until'),
            $json->optionalString('inspection_on'),
            $json->optionalString('course_on'),
            trim((string) $json->optionalString('evaluator')),
            $json->has('own_code') && $json->flag('own_code'),
            $json->optionalString('photo'),
        );
    }
}
