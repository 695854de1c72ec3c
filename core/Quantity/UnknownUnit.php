<?php

declare(strict_types=1);

namespace JadeLedger\Core\Quantity;

use JadeLedger\Core\Refusal;

final class UnknownUnit extends \DomainException implements Refusal
{
    public static function named(string $symbol): self
    {
        $known = implode(', ', array_map(static fn (Unit $unit): string => $unit->value, Unit::cases()));

        return new self("No unit is called '{$symbol}'. Known units: {$known}.");
    }
}
