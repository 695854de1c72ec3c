<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Catalogue\CatalogueRepository;
use App\Catalogue\CatalogueWords;
use App\Catalogue\ModelSheet;
use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Models\YardModel;
use JadeLedger\Core\Catalogue\Catalogue;
use JadeLedger\Core\Catalogue\MachineModel;
use JadeLedger\Core\Check\Check;
use JadeLedger\Core\Check\Movement;
use JadeLedger\Core\Check\Occasion;
use JadeLedger\Core\Walk\PlannedLine;
use JadeLedger\Core\Walk\PlanWalk;

/** A model of the catalogue: what it has, and which checks that brings with it and why. */
final readonly class PresentModel
{
    public function __construct(private CatalogueRepository $shelf)
    {
    }

    /** @return list<array<string, mixed>> */
    public function all(): array
    {
        $catalogue = $this->shelf->current();
        $rows = array_map(
            fn (MachineModel $model): array => $this->row($catalogue, $model),
            array_values($catalogue->models),
        );
        usort(
            $rows,
            static fn (array $a, array $b): int => [$a['family'], $a['maker'], $a['name']] <=> [
                $b['family'],
                $b['maker'],
                $b['name'],
            ],
        );

        return $rows;
    }

    /** @return array<string, mixed> */
    public function of(string $id): array
    {
        $catalogue = $this->shelf->current();
        $model = $catalogue->models[$id] ?? throw ApiProblem::because(ProblemName::NotFound, 404);
        $walks = [];
        foreach (Movement::cases() as $movement) {
            $plan = (new PlanWalk($catalogue))->for($model, $movement);
            $walks[] = [
                'movement' => $movement->value,
                'lines' => count($plan->lines()),
                'states' => array_map(static fn ($crossing): string => $crossing->stage->title, $plan->crossings),
                'minutes' => intdiv($plan->seconds() + 59, 60),
                'order' => array_values(
                    array_unique(array_map(static fn (PlannedLine $line): string => $line->check->id, $plan->lines())),
                ),
            ];
        }

        $kept = YardModel::query()->with('keptBy')->where('model_id', $id)->orderByDesc('id')->get();

        return [
            'model' => $this->row($catalogue, $model),
            'kept' => array_map(
                static fn (YardModel $one): array => [
                    'by' => PresentPerson::of($one->keptBy),
                    'at' => Moment::text($one->kept_at),
                ],
                array_values($kept->all()),
            ),
            'sheet' => $kept->isEmpty() ? null : $this->sheet(ModelSheet::of($kept->firstOrFail()->body)),
            'learned_from_walks' => $catalogue->paceOf($model->familyId)->walks,
            'mass_kg' => $model->massKilograms,
            'features' => $this->features($catalogue, $model),
            'walks' => $walks,
            'checks' => array_map(
                fn (Check $check): array => $this->check($check, $catalogue, $model),
                array_values($catalogue->checks),
            ),
        ];
    }

    /** @return array<string, mixed> */
    private function sheet(ModelSheet $sheet): array
    {
        return [
            'family' => $sheet->family,
            'maker' => $sheet->maker,
            'name' => $sheet->name,
            'describes' => $sheet->describes,
            'mass_kg' => $sheet->massKilograms,
            'features' => $sheet->features,
            'source' => $sheet->source,
            'limits' => (object) $sheet->limits,
        ];
    }

    /** @return array<string, mixed> */
    private function row(Catalogue $catalogue, MachineModel $model): array
    {
        $family = $catalogue->family($model->familyId);

        return [
            'id' => $model->id,
            'maker' => $model->maker,
            'name' => $model->name,
            'describes' => $model->describes,
            'family' => $family->name,
            'drawing' => $family->drawing,
        ];
    }

    /** @return list<array{id: string, words: string, from: string}> */
    private function features(Catalogue $catalogue, MachineModel $model): array
    {
        $words = $this->shelf->featureWords();
        $family = $catalogue->family($model->familyId)->features;
        $rules = $catalogue->houseRules->featuresFor(
            $catalogue->family($model->familyId)->features->with($model->features),
        );

        return array_map(static fn (string $name): array => [
            'id' => $name,
            'words' => CatalogueWords::say($words[$name] ?? $name),
            'from' => $rules->has($name) ? 'house_rule' : ($family->has($name) ? 'family' : 'model'),
        ], $catalogue->featuresOf($model)->names);
    }

    /** @return array<string, mixed> */
    private function check(Check $check, Catalogue $catalogue, MachineModel $model): array
    {
        $features = $catalogue->featuresOf($model);
        $reason = $check->applies->reasonFor($features);

        return [
            'id' => $check->id,
            'title' => $check->title,
            'accept' => $check->accept,
            'group' => $check->group,
            'needs' => $check->needs->title,
            'severity' => $check->severity->value,
            'is_reading' => $check->answer->isReading(),
            'occasions' => array_map(
                static fn (Occasion $occasion): string => $occasion->value,
                $check->dueOn($features),
            ),
            'stands_for_days' => $check->standsForDays,
            'source' => PresentSource::of($check->source),
            'applies' => $reason->applies(),
            'by' => $reason->by,
            'lacking' => $reason->lacking,
            'hindering' => $reason->hindering,
        ];
    }
}
