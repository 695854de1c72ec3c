<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Sheet;

/** A formula asks for a field that its sheet does not have: a mistake of the catalogue. */
final class NoSuchField extends \LogicException
{
    public static function named(string $sheet, string $field): self
    {
        return new self("The sheet {$sheet} has no field {$field}.");
    }
}
