<?php

declare(strict_types=1);

namespace JadeLedger\Core\Fault;

use JadeLedger\Core\Refusal;

/** A number that no trouble code has. */
final class NoSuchCode extends \DomainException implements Refusal
{
    public static function failureMode(int $number): self
    {
        return new self("There is no failure mode {$number}.");
    }

    public static function parameter(int $number): self
    {
        return new self("There is no suspect parameter {$number}.");
    }

    public static function bytes(string $hex): self
    {
        return new self("'{$hex}' is not a trouble code of four bytes.");
    }
}
