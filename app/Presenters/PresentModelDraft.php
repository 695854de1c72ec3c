<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Catalogue\CatalogueRepository;
use App\Catalogue\CatalogueWords;
use App\Catalogue\ExamineModel;
use App\Catalogue\LimitField;
use App\Words;
use JadeLedger\Core\Catalogue\AskedLimit;
use JadeLedger\Core\Catalogue\Family;

/** The sheet on which a model is written down: families, features, and the limits that they ask for. */
final readonly class PresentModelDraft
{
    public function __construct(private CatalogueRepository $shelf, private ExamineModel $examine)
    {
    }

    /** @return array<string, mixed> */
    public function choices(): array
    {
        $families = array_map(
            static fn (Family $family): array => [
                'id' => $family->id,
                'name' => $family->name,
                'drawing' => $family->drawing,
                'features' => $family->features->names,
            ],
            array_values($this->shelf->current()->families),
        );
        usort($families, static fn (array $a, array $b): int => $a['name'] <=> $b['name']);
        $words = $this->shelf->featuresToChoose();

        return [
            'families' => $families,
            'features' => array_map(
                static fn (string $id, string $words): array => ['id' => $id, 'words' => CatalogueWords::say($words)],
                array_keys($words),
                $words,
            ),
        ];
    }

    /**
     * @param list<string> $features
     * @return array<string, mixed>|null nothing when there is no such family
     */
    public function of(string $family, array $features): ?array
    {
        if (! isset($this->shelf->current()->families[$family])) {
            return null;
        }
        $fields = $this->examine->fields($family, $features);

        return [
            'limits' => array_map(
                static fn (AskedLimit $asked): array => [
                    'name' => $asked->name,
                    'asked_by' => $asked->askedBy,
                    'fields' => array_values(
                        array_map(
                            self::field(...),
                            array_filter(
                                $fields,
                                static fn (LimitField $field): bool => str_starts_with($field->name, "{$asked->name}."),
                            ),
                        ),
                    ),
                ],
                array_values($this->examine->asks($family, $features)),
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function field(LimitField $field): array
    {
        return [
            'name' => $field->name,
            'label' => Words::say('models.field.'.implode('.', $field->path)),
            'type' => $field->type,
            'choices' => $field->choices,
            'is_needed' => $field->isNeeded,
        ];
    }
}
