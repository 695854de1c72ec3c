<?php

declare(strict_types=1);

namespace App\Ledger\Payloads;

use App\Contract\JsonObject;
use JadeLedger\Core\Catalogue\Point;

/** What something that was found looks like and where it is. */
final readonly class FindingDescription implements Payload
{
    /** @param  Point  $at on the plan, in centimetres */
    private function __construct(
        public Point $at,
        public string $kind,
        public ?string $degree,
        public ?int $sizeMm,
    ) {
    }

    public static function read(JsonObject $json): static
    {
        return new self(
            new Point($json->object('at')->number('x'), $json->object('at')->number('y')),
            $json->string('kind'),
            $json->optionalString('degree'),
            $json->optionalInteger('size_mm'),
        );
    }
}
