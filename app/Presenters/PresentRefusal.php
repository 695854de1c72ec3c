<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Catalogue\CatalogueWords;
use App\Words;
use JadeLedger\Core\Refusal;
use JadeLedger\Core\Refused;
use JadeLedger\Core\Sentence;

/** Why a rule says no, in the language of whoever reads it. */
final class PresentRefusal
{
    public static function words(Refusal $no): string
    {
        return $no instanceof Refused ? self::sentence($no->why()) : $no->getMessage();
    }

    public static function sentence(Sentence $why): string
    {
        return Words::say("verdicts.refusals.{$why->key}", array_map(
            static fn (string $one): string => is_numeric($one)
                ? WrittenFigure::marked($one)
                : CatalogueWords::say($one),
            $why->named,
        ));
    }
}
