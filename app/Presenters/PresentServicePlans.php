<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Ledger\ProgrammeOfModel;
use App\Models\ServicePlan;
use Brick\Math\BigDecimal;
use Illuminate\Support\Collection;

/** What is planned for each day, and the kit for it. */
final readonly class PresentServicePlans
{
    public function __construct(private ProgrammeOfModel $programme)
    {
    }

    /** @return list<array<string, mixed>> the earliest day first, those that are past among them */
    public function ahead(): array
    {
        $days = ServicePlan::ahead()->with('machine')->get()
            ->groupBy(static fn (ServicePlan $plan): string => $plan->day->format('Y-m-d'));

        return array_values($days->map(fn (Collection $plans, string $day): array => $this->day($day, $plans))->all());
    }

    /**
     * @param Collection<int, ServicePlan> $plans of one day
     * @return array<string, mixed>
     */
    private function day(string $day, Collection $plans): array
    {
        $work = $kit = [];
        foreach ($plans->sortBy([['machine.fleet_number', 'asc'], ['point', 'asc']]) as $plan) {
            $point = $this->programme->of($plan->machine->model_id)->points[$plan->point] ?? null;
            if ($point === null) {
                continue;
            }
            $work[] = [
                'machine_id' => $plan->machine_id,
                'fleet_number' => $plan->machine->fleet_number,
                'point' => $plan->point,
                'name' => $point->name,
            ];
            foreach ($point->kit as $item) {
                $line = $kit[$item->name] ?? ['name' => $item->name, 'unit' => $item->unit, 'quantity' => null];
                if ($item->quantity !== null) {
                    $line['quantity'] = (string) BigDecimal::of($line['quantity'] ?? '0')->plus($item->quantity);
                }
                $kit[$item->name] = $line;
            }
        }

        return ['day' => $day, 'work' => $work, 'kit' => array_values($kit)];
    }
}
