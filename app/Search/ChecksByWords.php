<?php

declare(strict_types=1);

namespace App\Search;

use App\Catalogue\CatalogueRepository;
use App\Catalogue\CatalogueWords;
use App\Models\Machine;
use App\Words;
use JadeLedger\Core\Catalogue\MachineModel;
use JadeLedger\Core\Check\Check;

/** Checks by words of their title in the reader's language, each at a model of the yard that it is asked of. */
final readonly class ChecksByWords
{
    private const LEAST_LETTERS = 3;

    public function __construct(private CatalogueRepository $shelf)
    {
    }

    /** @return list<Hit> those whose title begins with the words first */
    public function __invoke(string $words, int $most): array
    {
        $sought = mb_strtolower($words);
        if (mb_strlen($sought) < self::LEAST_LETTERS) {
            return [];
        }
        $found = [];
        foreach ($this->shelf->current()->checks as $check) {
            $title = CatalogueWords::say($check->title);
            $at = mb_strpos(mb_strtolower($title), $sought);
            if ($at !== false) {
                $found[] = [$at === 0 ? 0 : 1, $title, $check];
            }
        }
        usort($found, static fn (array $a, array $b): int => [$a[0], $a[1]] <=> [$b[0], $b[1]]);
        $models = $this->modelsOfYard();
        $hits = array_map(fn (array $one): ?Hit => $this->hit($one[2], $one[1], $models), $found);

        return array_slice(array_values(array_filter($hits)), 0, $most);
    }

    /** @param  list<MachineModel>  $models */
    private function hit(Check $check, string $title, array $models): ?Hit
    {
        $catalogue = $this->shelf->current();
        $asked = array_values(array_filter(
            $models,
            static fn (MachineModel $model): bool => $check->applies->holdsFor($catalogue->featuresOf($model)),
        ));

        return $asked === [] ? null : new Hit(
            HitKind::Check,
            $check->id,
            $title,
            Words::say('words.search.check', [
                'model' => "{$asked[0]->maker} {$asked[0]->name}", 'models' => (string) count($asked),
            ]),
            $asked[0]->id,
        );
    }

    /** @return list<MachineModel> the one of which the yard has most machines first */
    private function modelsOfYard(): array
    {
        $catalogue = $this->shelf->current();
        $ids = Machine::query()->whereNull('left_at')->toBase()->selectRaw('model_id, count(*) as machines')
            ->groupBy('model_id')->orderByDesc('machines')->orderBy('model_id')->pluck('model_id')->all();

        return array_values(array_map(
            static fn (mixed $id): MachineModel => $catalogue->model(is_string($id) ? $id : ''),
            $ids,
        ));
    }
}
