<?php

declare(strict_types=1);

namespace JadeLedger\Core\Check;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Source\Source;

/** Something that must be true for a reading to mean anything: seen with the eye, or measured within limits. */
final readonly class Condition
{
    private function __construct(
        public string $id,
        public string $asks,
        public Source $source,
        public ?Unit $unit,
        public ?Quantity $atLeast,
        public ?Quantity $atMost,
        /**
         * The reading may be taken later in the walk, when the condition holds: oil that has to be warm. Until then it
         * keeps nothing shut.
         */
        public bool $mayWait = false,
        /** The arithmetic needs the figure; of any other one it is enough to see that it is within its limits. */
        public bool $wantsFigure = false,
    ) {
    }

    public static function seen(string $id, string $asks, Source $source): self
    {
        return new self($id, $asks, $source, null, null, null);
    }

    public static function measured(
        string $id,
        string $asks,
        Source $source,
        Unit $unit,
        ?Quantity $atLeast,
        ?Quantity $atMost,
    ): self {
        return new self($id, $asks, $source, $unit, $atLeast, $atMost);
    }

    public function thatMayWait(): self
    {
        // @phpstan-ignore argument.type (its own members)
        return new self(...['mayWait' => true] + get_object_vars($this));
    }

    public function thatWantsItsFigure(): self
    {
        // @phpstan-ignore argument.type (its own members)
        return new self(...['wantsFigure' => true] + get_object_vars($this));
    }

    public function isMeasured(): bool
    {
        return $this->unit !== null;
    }
}
