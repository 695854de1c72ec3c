<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading;

final class BandsOutOfOrder extends \DomainException
{
    public static function at(Band $band): self
    {
        return new self(
            "The limits of '{$band->says}' do not rise".
                ($band->upTo === null ? '.' : " at {$band->upTo->text()} {$band->upTo->unit->symbol()}."),
        );
    }
}
