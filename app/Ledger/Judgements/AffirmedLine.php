<?php

declare(strict_types=1);

namespace App\Ledger\Judgements;

use App\Contract\JsonObject;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/** A line that stands from an earlier walk: who looked, and when. */
final readonly class AffirmedLine
{
    /**
     * @param string $from id of the entry that it rests on
     * @param string $day on which that was recorded, in the yard's zone: 2026-11-25
     * @param string $by name of whoever looked
     * @param Quantity|null $read what was read then; none of a look
     */
    public function __construct(
        public string $line,
        public string $from,
        public string $day,
        public string $by,
        public ?Quantity $read = null,
    ) {
    }

    public static function read(JsonObject $json): self
    {
        $value = $json->optionalString('value');

        return new self(
            $json->string('line'),
            $json->string('from'),
            $json->string('day'),
            $json->string('by'),
            $value === null ? null : Quantity::of($value, Unit::named($json->string('unit'))),
        );
    }

    /** @return array<string, string> */
    public function record(): array
    {
        return ['line' => $this->line, 'from' => $this->from, 'day' => $this->day, 'by' => $this->by] + (
            $this->read === null ? [] : ['value' => $this->read->text(), 'unit' => $this->read->unit->value]
        );
    }
}
