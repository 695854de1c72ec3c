<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Catalogue\CatalogueWords;
use App\Catalogue\LineName;
use App\Ledger\Contexts\WalkContext;

/** What keeps a machine here, in the reader's language; of a line also where on the machine. */
final class GroundName
{
    /**
     * @param string $reference a line of the walk, a finding, or service
     * @param string $title as the catalogue has it: of a finding its kind and its part, "Dent, engine hood"
     */
    public static function of(string $reference, string $title, WalkContext $context): string
    {
        $catalogue = $context->catalogue();
        if (isset($catalogue->checks[explode('@', $reference)[0]])) {
            return LineName::of($reference, $catalogue, $catalogue->family($context->model->familyId));
        }
        $whole = CatalogueWords::say($title);

        return $whole !== $title
            ? $whole
            : implode(', ', array_map(CatalogueWords::say(...), explode(', ', $title, 2)));
    }
}
