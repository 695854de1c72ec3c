<?php

declare(strict_types=1);

namespace App\Actions;

use App\Audit\AuditKind;
use App\Audit\WriteAudit;
use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\ProgrammeOfModel;
use App\Models\Machine;
use App\Models\ServicePlan;
use App\Models\User;
use App\Presenters\WrittenDate;
use App\Words;
use App\Yards\CurrentYard;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use JadeLedger\Core\Paper\CalendarDate;

/** Puts work on machines into a day, or takes it off its day; all of it or nothing. */
final readonly class PlanService
{
    public function __construct(
        private ProgrammeOfModel $programme,
        private CurrentYard $yard,
        private WriteAudit $audit,
    ) {
    }

    /**
     * @param list<array{machine: string, point: string}> $work
     * @param CalendarDate|null $day none takes it off its day
     *
     * @throws ApiProblem when the day is past, or a machine has no such point
     */
    public function __invoke(array $work, ?CalendarDate $day, User $by): void
    {
        $now = CarbonImmutable::now();
        if ($day !== null && $day->isBefore($this->yard->dayOf($now))) {
            throw ApiProblem::because(
                ProblemName::DayIsPast,
                422,
                ['day' => WrittenDate::day($day)],
                ['day' => [Words::say('problems.day_is_past.title')]],
            );
        }
        $machines = Machine::query()->whereNull('left_at')->findMany(array_column($work, 'machine'))->keyBy('id');
        foreach ($work as ['machine' => $id, 'point' => $point]) {
            $machine = $machines->get($id) ?? throw ApiProblem::because(ProblemName::NotFound, 404);
            if (! isset($this->programme->of($machine->model_id)->points[$point])) {
                throw ApiProblem::because(
                    ProblemName::NoSuchServicePoint,
                    422,
                    ['number' => $machine->fleet_number],
                    ['work' => [Words::say('problems.no_such_service_point.title')]],
                );
            }
        }
        DB::transaction(function () use ($work, $day, $by, $now, $machines): void {
            foreach ($work as ['machine' => $id, 'point' => $point]) {
                $which = ['machine_id' => $id, 'point' => $point];
                if ($day === null) {
                    ServicePlan::query()->where($which)->delete();
                } else {
                    ServicePlan::query()->updateOrCreate($which, [
                        'day' => $day->text(), 'planned_by_id' => $by->id, 'planned_at' => $now,
                    ]);
                }
            }
            ($this->audit)(AuditKind::ServicePlanned, $by, $day?->text() ?? '–', after: [
                'work' => array_map(
                    static fn (array $one): string => "{$machines[$one['machine']]->fleet_number} {$one['point']}",
                    $work,
                ),
            ]);
        });
    }
}
