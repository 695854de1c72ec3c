<?php

declare(strict_types=1);

namespace JadeLedger\Core\Quantity;

use JadeLedger\Core\Refused;
use JadeLedger\Core\Sentence;

final class UnknownUnit extends Refused
{
    public static function named(string $symbol): self
    {
        $begin = mb_substr($symbol, 0, 40);
        $known = implode(', ', array_map(static fn (Unit $unit): string => $unit->value, Unit::cases()));

        return new self(
            "No unit is called \"{$begin}\". Known units: {$known}.",
            new Sentence('unknown_unit', ['text' => $begin, 'known' => $known]),
        );
    }
}
