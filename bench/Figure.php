<?php

declare(strict_types=1);

namespace Bench;

/** One measured figure beside the floor that was measured in the same run, and what is wanted of it. */
final readonly class Figure
{
    /**
     * @param float|null $floor the least that it could have been, measured likewise
     * @param float|null $most the figure may be no more than this
     * @param float|null $least the figure may be no less than this
     */
    private function __construct(
        public string $name,
        public float $value,
        public string $unit,
        public ?float $floor,
        public ?float $most,
        public ?float $least,
    ) {
    }

    public static function atMost(string $name, float $value, string $unit, ?float $floor, ?float $most): self
    {
        return new self($name, $value, $unit, $floor, $most, null);
    }

    public static function atLeast(string $name, float $value, string $unit, ?float $floor, float $least): self
    {
        return new self($name, $value, $unit, $floor, null, $least);
    }

    public function isAsWanted(): ?bool
    {
        return match (true) {
            $this->most !== null => $this->value <= $this->most,
            $this->least !== null => $this->value >= $this->least,
            default => null,
        };
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'value' => round($this->value, 3),
            'unit' => $this->unit,
            'floor' => $this->floor === null ? null : round($this->floor, 3),
            'at_most' => $this->most,
            'at_least' => $this->least,
            'as_wanted' => $this->isAsWanted(),
        ];
    }

    public function line(): string
    {
        return sprintf(
            '%-44s %12s %-9s %12s   %-16s %s',
            $this->name,
            self::text($this->value),
            $this->unit,
            $this->floor === null ? '' : self::text($this->floor),
            $this->most !== null
                ? 'at most '.self::text($this->most)
                : ($this->least !== null
                    ? 'at least '.self::text($this->least)
                    : ''),
            match ($this->isAsWanted()) {
                true => 'as wanted', false => 'MISSED', null => ''
            },
        );
    }

    private static function text(float $figure): string
    {
        return number_format($figure, abs($figure) >= 1000 ? 0 : 2, '.', ' ');
    }
}
