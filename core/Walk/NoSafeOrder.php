<?php

declare(strict_types=1);

namespace JadeLedger\Core\Walk;

final class NoSafeOrder extends \DomainException
{
    /** @param  list<string>  $checks */
    public static function among(string $stage, array $checks): self
    {
        return new self("No order of the stage '{$stage}' puts each check after those it needs: ".implode(', ', $checks).'.');
    }

    public static function placeNowhere(string $check, string $family): self
    {
        return new self("The check '{$check}' applies to the family '{$family}', but none of its places is reached from a station.");
    }
}
