<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Catalogue\CatalogueShelf;
use JadeLedger\Core\Catalogue\HouseRule;
use JadeLedger\Core\Catalogue\School;

/** The questions on which practitioners differ, with every school and the one that this yard follows. */
final readonly class PresentHouseRules
{
    public function __construct(private CatalogueShelf $shelf)
    {
    }

    /** @return list<array<string, mixed>> */
    public function all(): array
    {
        return array_map(static fn (HouseRule $rule): array => [
            'id' => $rule->id,
            'title' => $rule->title,
            'value' => $rule->value,
            'why' => $rule->why,
            'source' => PresentSource::of($rule->source),
            'schools' => array_map(static fn (School $school): array => ['id' => $school->id, 'name' => $school->name, 'why' => $school->why], $rule->schools),
        ], $this->shelf->current()->houseRules->all);
    }
}
