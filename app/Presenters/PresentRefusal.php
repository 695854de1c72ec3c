<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Catalogue\CatalogueWords;
use App\Words;
use JadeLedger\Core\Refusal;
use JadeLedger\Core\Refused;

/** Why a rule says no, in the language of whoever reads it. */
final class PresentRefusal
{
    public static function words(Refusal $no): string
    {
        if (! $no instanceof Refused) {
            return $no->getMessage();
        }
        $why = $no->why();

        return Words::say("verdicts.refusals.{$why->key}", array_map(
            static fn (string $one): string => is_numeric($one)
                ? WrittenFigure::marked($one)
                : CatalogueWords::say($one),
            $why->named,
        ));
    }
}
