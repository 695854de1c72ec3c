<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Catalogue\CatalogueShelf;
use App\Models\HouseRuleChoice;
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
        $changes = HouseRuleChoice::query()->with('chosenBy')->orderByDesc('id')->limit(200)->get()->groupBy('rule');

        return array_map(static fn (HouseRule $rule): array => [
            'id' => $rule->id,
            'title' => $rule->title,
            'value' => $rule->value,
            'why' => $rule->why,
            'source' => PresentSource::of($rule->source),
            'schools' => array_map(static fn (School $school): array => ['id' => $school->id, 'name' => $school->name, 'why' => $school->why], $rule->schools),
            'changes' => array_values($changes->get($rule->id, collect())->map(static fn (HouseRuleChoice $choice): array => [
                'value' => $choice->value,
                'reason' => $choice->reason,
                'by' => PresentPerson::of($choice->chosenBy),
                'at' => Moment::text($choice->chosen_at),
            ])->all()),
        ], $this->shelf->current()->houseRules->all);
    }
}
