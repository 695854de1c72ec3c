<?php

declare(strict_types=1);

namespace App\Tables;

use App\Actions\PlanService;
use App\Models\ServicePlan;
use App\Models\User;
use JadeLedger\Core\Paper\CalendarDate;

/** Service that is planned into days: out for a wall or another program, in again with other days. */
final readonly class PlanTable implements OfficeTable
{
    public function __construct(private PlanService $plan, private TakesByContract $cells)
    {
    }

    public function columns(): array
    {
        return ['fleet_number', 'point', 'day'];
    }

    public function needed(): array
    {
        return ['fleet_number', 'point', 'day'];
    }

    public function take(array $row, User $by): void
    {
        $machine = $this->cells->machine($row['fleet_number']);
        $day = CellDate::of($row['day']);
        $point = mb_strtolower($row['point']);
        $this->cells->read('PlanService', [
            'day' => $day,
            'work' => [(object) ['machine_id' => $machine->id, 'point' => $point]],
        ]);
        ($this->plan)([['machine' => $machine->id, 'point' => $point]], CalendarDate::parse((string) $day), $by);
    }

    public function rows(): iterable
    {
        foreach (ServicePlan::ahead()->with('machine')->lazy(500) as $plan) {
            yield [$plan->machine->fleet_number, $plan->point, $plan->day->format('Y-m-d')];
        }
    }
}
