<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Catalogue\CatalogueRepository;
use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Limits\PlateOfModel;
use App\Models\ModelPlate;
use JadeLedger\Core\Catalogue\Plate;
use JadeLedger\Core\Limits\Platform\ReachChart;
use JadeLedger\Core\Limits\Sheet\FieldKind;
use JadeLedger\Core\Quantity\Unit;

/** What the sheets of a model's machines ask of its plate, what is known, and who took it from where. */
final readonly class PresentPlate
{
    public function __construct(private CatalogueRepository $shelf, private PlateOfModel $plates)
    {
    }

    /** @return array<string, mixed> */
    public function of(string $modelId): array
    {
        $catalogue = $this->shelf->current();
        $model = $catalogue->models[$modelId] ?? throw ApiProblem::because(ProblemName::NotFound, 404);
        $features = $catalogue->featuresOf($model);
        $plate = $this->plates->of($model);
        $last = ModelPlate::lastOf($modelId);
        $figures = $charts = [];
        foreach ($catalogue->limitSheets as $sheet) {
            foreach ($sheet->applies->holdsFor($features) ? $sheet->fields : [] as $field) {
                if ($field->kind === FieldKind::Chart) {
                    $charts[$field->name] = true;
                } elseif ($field->ofModel !== null && $field->ofModel !== 'mass' && $field->unit !== null) {
                    $figures[$field->ofModel] ??= [
                        'name' => $field->ofModel,
                        'asks' => $field->asks,
                        'unit' => $field->unit->value,
                        'value' => ($plate->figures[$field->ofModel] ?? null)?->in($field->unit)->text(),
                    ];
                }
            }
        }

        return [
            'figures' => array_values($figures),
            'asks_reach' => isset($charts['reach']),
            'asks_load_zones' => isset($charts['zones']),
            'reach' => $plate?->reach === null ? null : self::points($plate->reach),
            'load_zones' => self::zones($plate),
            'source' => $plate === null ? null : PresentSource::of($plate->source),
            'set' => $last === null ? null : ['by' => $last->setBy->name, 'at' => Moment::text($last->set_at)],
        ];
    }

    /** @return list<array<string, mixed>>|null */
    private static function zones(?Plate $plate): ?array
    {
        if ($plate?->loads === null) {
            return null;
        }
        $zones = [];
        foreach ($plate->loads->zones as $zone) {
            $zones[] = ['load' => $zone->load->in(Unit::Kilogram)->text().' kg', 'where' => self::points($zone->where)];
        }

        return $zones;
    }

    /** @return list<array{string, string}> metres out and up */
    private static function points(ReachChart $chart): array
    {
        $points = [];
        foreach ($chart->edge as $point) {
            $points[] = [$point->out->in(Unit::Metre)->text(), $point->up->in(Unit::Metre)->text()];
        }

        return $points;
    }
}
