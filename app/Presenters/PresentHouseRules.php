<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Catalogue\CatalogueRepository;
use App\Models\HouseRuleChoice;
use Illuminate\Support\Collection;
use JadeLedger\Core\Catalogue\HouseRule;
use JadeLedger\Core\Catalogue\RuleOption;
use JadeLedger\Core\Catalogue\StatedDefault;

/** The questions on which practitioners differ, with every school and the one that this yard follows. */
final readonly class PresentHouseRules
{
    public function __construct(private CatalogueRepository $shelf)
    {
    }

    /** @return list<array<string, mixed>> */
    public function all(): array
    {
        $changes = HouseRuleChoice::query()->with('chosenBy')->orderByDesc('id')->limit(200)->get();

        return array_map(
            static fn (HouseRule $rule): array => [
                'id' => $rule->id,
                'title' => $rule->title,
                'value' => $rule->value,
                'why' => $rule->why,
                'source' => PresentSource::of($rule->source),
                'schools' => array_map(
                    static fn (RuleOption $school): array => [
                        'id' => $school->id,
                        'name' => $school->name,
                        'why' => $school->why,
                    ],
                    $rule->schools,
                ),
                'changes' => self::changes($rule->id, $changes),
            ],
            $this->shelf->current()->houseRules->all,
        );
    }

    /** @return list<array<string, mixed>> what is not for a yard to choose */
    public function stated(): array
    {
        return array_map(static fn (StatedDefault $default): array => [
            'id' => $default->id,
            'title' => $default->title,
            'followed' => ['name' => $default->followed, 'why' => $default->followedWhy],
            'other' => ['name' => $default->other, 'why' => $default->otherWhy],
            'source' => PresentSource::of($default->source),
        ], $this->shelf->current()->houseRules->stated);
    }

    /**
     * @param Collection<int, HouseRuleChoice> $all newest first
     * @return list<array<string, mixed>>
     */
    private static function changes(string $rule, Collection $all): array
    {
        return array_map(static fn (HouseRuleChoice $choice): array => [
            'value' => $choice->value,
            'reason' => $choice->reason,
            'by' => PresentPerson::of($choice->chosenBy),
            'at' => Moment::text($choice->chosen_at),
        ], array_values($all->where('rule', $rule)->all()));
    }
}
