<?php

declare(strict_types=1);

namespace App\Actions;

use App\Audit\AuditKind;
use App\Audit\WriteAudit;
use App\Catalogue\CatalogueRepository;
use App\Contract\JsonObject;
use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Limits\PlateOfModel;
use App\Models\ModelPlate;
use App\Models\User;
use App\Presenters\PresentRefusal;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use JadeLedger\Core\Limits\Platform\ChartIsNoArea;

/** The figures of a model are as its plate and its manual say, from now on. */
final readonly class SetModelPlate
{
    public function __construct(private CatalogueRepository $shelf, private WriteAudit $audit)
    {
    }

    /**
     * @param JsonObject $asked as the contract's SetModelPlate
     *
     * @throws ApiProblem
     */
    public function __invoke(string $modelId, JsonObject $asked, User $by): void
    {
        $model = $this->shelf->current()->models[$modelId] ?? throw ApiProblem::because(ProblemName::NotFound, 404);
        $source = trim($asked->string('source'));
        $figures = $asked->object('figures')->textsByName();
        $reach = $asked->has('reach') ? $asked->listsOfStrings('reach') : null;
        $zones = $asked->has('load_zones')
            ? array_map(static fn (JsonObject $zone): array => [
                'load' => $zone->string('load'), 'where' => $zone->listsOfStrings('where'),
            ], $asked->objects('load_zones'))
            : null;
        try {
            PlateOfModel::built($figures, $reach, $zones, $source);
        } catch (ChartIsNoArea $chart) {
            throw ApiProblem::because(ProblemName::ChartIsNoArea, 422, ['why' => PresentRefusal::words($chart)]);
        }
        DB::transaction(function () use ($model, $figures, $reach, $zones, $source, $by): void {
            ModelPlate::query()->create([
                'model_id' => $model->id, 'figures' => $figures, 'reach' => $reach, 'load_zones' => $zones,
                'source' => $source, 'set_by_id' => $by->id, 'set_at' => CarbonImmutable::now(),
            ]);
            ($this->audit)(AuditKind::ModelPlateSet, $by, "{$model->maker} {$model->name}", after: $figures + [
                'source' => $source,
            ]);
        });
    }
}
