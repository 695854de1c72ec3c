<?php

declare(strict_types=1);

namespace JadeLedger\Core\Catalogue;

final class NotInTheCatalogue extends \DomainException
{
    public static function named(string $what, string $id): self
    {
        return new self("The catalogue has no {$what} called '".mb_substr($id, 0, 80)."'.");
    }
}
