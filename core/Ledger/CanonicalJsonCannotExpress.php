<?php

declare(strict_types=1);

namespace JadeLedger\Core\Ledger;

final class CanonicalJsonCannotExpress extends \DomainException
{
    public static function type(mixed $value): self
    {
        return new self('Canonical JSON has no form for a value of type '.get_debug_type($value).'.');
    }

    public static function notFinite(): self
    {
        return new self('Canonical JSON has no form for NaN or an infinity.');
    }

    public static function integerBeyondDouble(int $value): self
    {
        return new self("The integer {$value} is beyond 2^53 and would change in other readers; write it as text.");
    }

    public static function text(string $why): self
    {
        return new self("A text cannot be written as canonical JSON: {$why}.");
    }
}
