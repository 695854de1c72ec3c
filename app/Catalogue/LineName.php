<?php

declare(strict_types=1);

namespace App\Catalogue;

use JadeLedger\Core\Catalogue\Catalogue;
use JadeLedger\Core\Catalogue\Family;

/** A line in the reader's language: its check, and where it is done when it is done in several places. */
final class LineName
{
    /** @param  string  $key the check's id, followed by "@place" where the check is done in several places */
    public static function of(string $key, Catalogue $catalogue, Family $family): string
    {
        [$check, $place] = [...explode('@', $key), null];
        $title = CatalogueWords::say($catalogue->check((string) $check)->title);
        $station = $place === null ? null : $family->stationFor($place);

        return $station === null ? $title : "{$title}, ".lcfirst(CatalogueWords::say($station->name));
    }
}
