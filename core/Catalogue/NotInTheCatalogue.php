<?php

declare(strict_types=1);

namespace JadeLedger\Core\Catalogue;

use JadeLedger\Core\Refused;
use JadeLedger\Core\Sentence;

final class NotInTheCatalogue extends Refused
{
    /** @param  string  $what as the catalogue calls it: check, family, kind of finding */
    public static function named(string $what, string $id): self
    {
        $begin = mb_substr($id, 0, 80);

        return new self(
            "The catalogue has no {$what} \"{$begin}\".",
            new Sentence('not_in_catalogue.'.str_replace(' ', '_', $what), ['id' => $begin]),
        );
    }
}
