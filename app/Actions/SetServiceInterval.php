<?php

declare(strict_types=1);

namespace App\Actions;

use App\Audit\AuditKind;
use App\Audit\WriteAudit;
use App\Catalogue\CatalogueRepository;
use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Models\Machine;
use App\Models\ServiceForecast;
use App\Models\ServiceInterval;
use App\Models\User;
use App\Texts;
use App\Words;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Service\Interval;
use JadeLedger\Core\Service\IntervalIsEmpty;

/** A point of a model comes back as its manual says, from now on. */
final readonly class SetServiceInterval
{
    public function __construct(private CatalogueRepository $shelf, private WriteAudit $audit)
    {
    }

    /** @throws ApiProblem */
    public function __invoke(
        string $modelId,
        string $pointId,
        ?int $hours,
        int $months,
        int $days,
        int $hires,
        string $source,
        User $by,
    ): void {
        $catalogue = $this->shelf->current();
        $model = $catalogue->models[$modelId] ?? throw ApiProblem::because(ProblemName::NotFound, 404);
        $point = $catalogue->programmeOf($model)->points[$pointId] ?? throw ApiProblem::because(
            ProblemName::NotFound,
            404,
        );
        try {
            Interval::every($hours === null ? null : Quantity::of($hours, Unit::Hour), $months, $days, $hires);
        } catch (IntervalIsEmpty) {
            throw ApiProblem::because(
                ProblemName::IntervalIsNothing,
                422,
                [],
                ['hours' => [Words::say('problems.interval_is_nothing.title')]],
            );
        }
        DB::transaction(function () use ($model, $point, $hours, $months, $days, $hires, $source, $by): void {
            ServiceInterval::query()->create([
                'model_id' => $model->id,
                'point' => $point->id,
                'hours' => $hours,
                'months' => $months,
                'days' => $days,
                'hires' => $hires,
                'source' => $source, 'set_by_id' => $by->id, 'set_at' => CarbonImmutable::now(),
            ]);
            ServiceForecast::becomeStale(
                Texts::of(Machine::query()->where('model_id', $model->id)->pluck('id')),
            );
            ($this->audit)(AuditKind::ServiceIntervalSet, $by, "{$model->maker} {$model->name}", after: [
                'point' => $point->id, 'hours' => $hours, 'months' => $months, 'days' => $days, 'hires' => $hires,
                'source' => $source,
            ]);
        });
    }
}
