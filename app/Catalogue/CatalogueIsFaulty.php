<?php

declare(strict_types=1);

namespace App\Catalogue;

final class CatalogueIsFaulty extends \RuntimeException
{
    /** @param  non-empty-list<CatalogueFault>  $faults */
    public function __construct(public readonly array $faults)
    {
        parent::__construct(
            "The catalogue was not taken:\n".
                implode("\n", array_map(static fn (CatalogueFault $fault): string => $fault->sentence(), $faults)),
        );
    }
}
