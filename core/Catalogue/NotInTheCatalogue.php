<?php

declare(strict_types=1);

namespace JadeLedger\Core\Catalogue;

use JadeLedger\Core\Refusal;

final class NotInTheCatalogue extends \DomainException implements Refusal
{
    public static function named(string $what, string $id): self
    {
        return new self("The catalogue has no {$what} called '".mb_substr($id, 0, 80)."'.");
    }
}
