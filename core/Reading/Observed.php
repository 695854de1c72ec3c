<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading;

use JadeLedger\Core\Quantity\Quantity;

/** What was seen or measured about one validity condition at the moment of the reading. */
final readonly class Observed
{
    private function __construct(public string $conditionId, public bool $seen, public ?Quantity $measured)
    {
    }

    public static function seen(string $conditionId): self
    {
        return new self($conditionId, true, null);
    }

    public static function measured(string $conditionId, Quantity $value): self
    {
        return new self($conditionId, false, $value);
    }
}
