<?php

declare(strict_types=1);

namespace App\Ledger\Judgements;

use App\Contract\JsonObject;
use JadeLedger\Core\Service\DueAt;

/** The day and the hours of the work, and for when it had been due. */
final readonly class ServiceDoneJudgement implements RecordedJudgement
{
    private function __construct(
        public string $name,
        public string $on,
        public ?string $hours,
        public ?string $wasDueAt,
        public ?string $wasDueOn,
    ) {
    }

    public static function of(string $name, string $on, ?string $hours, ?DueAt $due): self
    {
        return new self($name, $on, $hours, $due?->hours?->text(), $due?->on?->text());
    }

    public static function read(JsonObject $json): static
    {
        return new self(
            $json->string('name'),
            $json->string('on'),
            $json->optionalString('hours'),
            $json->optionalString('was_due_at'),
            $json->optionalString('was_due_on'),
        );
    }

    public function record(): array
    {
        return array_filter([
            'name' => $this->name,
            'on' => $this->on,
            'hours' => $this->hours,
            'was_due_at' => $this->wasDueAt,
            'was_due_on' => $this->wasDueOn,
        ], static fn (?string $member): bool => $member !== null);
    }
}
