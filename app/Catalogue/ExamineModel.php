<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Contract\JsonObject;
use App\Presenters\PresentRefusal;
use App\Words;
use JadeLedger\Core\Catalogue\AskedLimit;
use JadeLedger\Core\Catalogue\LimitNotKnown;
use JadeLedger\Core\Catalogue\LimitsAsked;
use JadeLedger\Core\Check\Movement;
use JadeLedger\Core\Equipment\Features;
use JadeLedger\Core\Reading\BandsOutOfOrder;
use JadeLedger\Core\Reading\Fluids\MarksOutOfOrder;
use JadeLedger\Core\Reading\ScaleReading;
use JadeLedger\Core\Walk\NoSafeOrder;
use JadeLedger\Core\Walk\PlanWalk;

/** Looks a model over before it is kept: what it lacks, what nothing defines, and whether it can be walked. */
final readonly class ExamineModel
{
    public function __construct(private CatalogueRepository $shelf)
    {
    }

    /**
     * @param list<string> $features of the model itself
     * @return array<string, AskedLimit> what a model of the family with these features has to know
     */
    public function asks(string $family, array $features): array
    {
        $catalogue = $this->shelf->current();
        $own = $catalogue->family($family)->features->with(new Features($features));

        return (new LimitsAsked($catalogue))->of($own->with($catalogue->houseRules->featuresFor($own)));
    }

    /**
     * @param list<string> $features of the model itself
     * @return list<LimitField>
     */
    public function fields(string $family, array $features): array
    {
        $fields = LimitFields::from($this->shelf->schema('model'));

        return array_merge(...array_values(array_map($fields->of(...), $this->asks($family, $features))));
    }

    /** @return array<string, list<string>> what is wrong, by field; nothing when it can be kept */
    public function faultsOf(ModelSheet $sheet): array
    {
        $names = $this->strangers($sheet);
        if ($names !== []) {
            return $names;
        }
        $fields = $this->fields($sheet->family, $sheet->features);
        $missing = [...$this->missing($sheet, $fields), ...$this->unasked($sheet, $fields)];
        $tree = $sheet->tree($fields);
        $faults = [...$missing, ...$this->againstSchema($tree, array_keys($missing))];

        return $faults === [] ? $this->cannotBeWalked($tree) : $faults;
    }

    /** @return array<string, list<string>> names that the catalogue does not know */
    private function strangers(ModelSheet $sheet): array
    {
        $catalogue = $this->shelf->current();
        $known = array_keys($this->shelf->featuresToChoose());
        $faults = [];
        if (! isset($catalogue->families[$sheet->family])) {
            $faults['family'] = [
                Words::say('models.no_such_family', [
                    'family' => $sheet->family,
                    'families' => implode(', ', array_keys($catalogue->families)),
                ]),
            ];
        }
        foreach (array_diff($sheet->features, $known) as $stranger) {
            $faults['features'][] = Words::say('models.no_such_feature', [
                'feature' => $stranger,
                'near' => $this->nearest($stranger, $known),
            ]);
        }
        if ($sheet->id() === '') {
            $faults['name'] = [Words::say('models.no_name')];
        }

        return $faults;
    }

    /** @param  list<string>  $known */
    private function nearest(string $stranger, array $known): string
    {
        usort(
            $known,
            static fn (string $a, string $b): int => levenshtein(substr($stranger, 0, 200), $a) <=>
                levenshtein(substr($stranger, 0, 200), $b),
        );

        return $known[0] ?? '';
    }

    /**
     * @param list<LimitField> $fields
     * @return array<string, list<string>>
     */
    private function missing(ModelSheet $sheet, array $fields): array
    {
        $asks = $this->asks($sheet->family, $sheet->features);
        $faults = [];
        foreach ($fields as $field) {
            if ($field->isNeeded && trim($sheet->limits[$field->name] ?? '') === '') {
                $faults[$field->name] = [
                    Words::say('models.limit_missing', ['check' => $asks[explode('.', $field->name)[0]]->askedBy[0]]),
                ];
            }
        }
        if ($fields !== [] && trim($sheet->source) === '') {
            $faults['source'] = [Words::say('models.source_missing')];
        }

        return $faults;
    }

    /**
     * @param list<LimitField> $fields
     * @return array<string, list<string>> figures for which there is no check: nothing is dropped in silence
     */
    private function unasked(ModelSheet $sheet, array $fields): array
    {
        $asked = array_map(static fn (LimitField $field): string => $field->name, $fields);
        $unasked = array_diff(
            array_keys(array_filter($sheet->limits, static fn (string $value): bool => trim($value) !== '')),
            $asked,
        );

        return array_fill_keys($unasked, [Words::say('models.limit_unasked')]);
    }

    /**
     * @param array<string, mixed> $tree
     * @param list<string> $known fields of which something is said already
     * @return array<string, list<string>>
     */
    private function againstSchema(array $tree, array $known): array
    {
        $faults = [];
        foreach (
            $this->shelf
                ->schema('model')
                ->faultsOf(
                    [
                        'features' => JsonObject::of($tree)->list('features'),
                        'limits' => (object) $tree['limits'],
                    ] + $tree,
                ) as $fault
        ) {
            if (array_slice($fault->path, -2) === ['source', 'words']) {
                $fault = new SchemaFault(['source'], $fault->words);
            }
            $field = implode('.', ($fault->path[0] ?? '') === 'limits' ? array_slice($fault->path, 1) : $fault->path);
            $isKnown = array_filter($known, static fn (string $name): bool => str_starts_with($name, $field)) !== [];
            if (! $isKnown) {
                $faults[$field === '' ? 'name' : $field][] = ucfirst($fault->words).'.';
            }
        }

        return $faults;
    }

    /**
     * @param array<string, mixed> $tree
     * @return array<string, list<string>>
     */
    private function cannotBeWalked(array $tree): array
    {
        try {
            $id = JsonObject::of($tree)->string('id');
            $catalogue = $this->shelf->withModel($id, $tree);
            foreach (Movement::cases() as $movement) {
                (new PlanWalk($catalogue))->for($catalogue->model($id), $movement);
            }
            // The bands of an instrument are put in order when they are asked for.
            foreach ($catalogue->model($id)->limits as $limits) {
                $limits instanceof ScaleReading && $limits->bands();
            }
        } catch (NoSafeOrder|LimitNotKnown $fault) {
            return ['features' => [PresentRefusal::words($fault)]];
        } catch (MarksOutOfOrder|BandsOutOfOrder $fault) {
            return ['limits' => [PresentRefusal::sentence($fault->why)]];
        }

        return [];
    }
}
