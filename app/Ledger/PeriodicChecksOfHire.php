<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Catalogue\PlanCache;
use App\Models\Hire;
use App\Yards\CurrentYard;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use JadeLedger\Core\Check\Movement;
use JadeLedger\Core\Check\Occasion;
use JadeLedger\Core\Service\After;
use JadeLedger\Core\Service\ChecksAfterEvents;
use JadeLedger\Core\Service\DueCheck;
use JadeLedger\Core\Service\PeriodicChecks;
use JadeLedger\Core\Verdict\Outcome;

/**
 * The checks that come back with the calendar, or after a repair or another attachment, and enter the next walk of a
 * hire's machine.
 */
final readonly class PeriodicChecksOfHire
{
    private const OCCASIONS = [
        After::Repair->value => Occasion::AfterRepair,
        After::AttachmentChange->value => Occasion::AfterAttachmentChange,
    ];

    public function __construct(private PlanCache $plans, private CurrentYard $yard)
    {
    }

    /** @return array<string, DueCheck> by the check's id */
    public function of(Hire $hire, Movement $movement, CarbonImmutable $now): array
    {
        $catalogue = $this->plans->concerning($hire->machine->model_id);
        $features = $catalogue->featuresOf($catalogue->model($hire->machine->model_id));
        $periodic = PeriodicChecks::of($catalogue->checks, $features);
        $after = ChecksAfterEvents::of($catalogue->checks, $features, $movement);
        $last = $this->last($hire->machine_id, [...$periodic->ids(), ...$after->ids()]);
        $days = array_map($this->yard->dayOf(...), $last);
        $today = $this->yard->dayOf($now);
        $back = $this->yard->dayOf($hire->comes_back_at->toImmutable());

        return $periodic->due(
            $days,
            $movement === Movement::Checkout && $today->isBefore($back) ? $back : $today,
        ) + $this->afterEvents($hire, $after, $last);
    }

    /**
     * @param array<string, CarbonImmutable> $last when each check stood last, by its id
     * @return array<string, DueCheck> by the check's id
     */
    private function afterEvents(Hire $hire, ChecksAfterEvents $checks, array $last): array
    {
        $happened = HappenedTo::last([$hire->machine_id])[$hire->machine_id];
        $events = [];
        foreach (self::OCCASIONS as $what => $occasion) {
            if (isset($happened[$what])) {
                $events[$occasion->value] = $happened[$what];
            }
        }
        $due = [];
        foreach ($checks->due($events, $last) as $id => $occasion) {
            $due[$id] = new DueCheck($id, $occasion, isset($last[$id]) ? $this->yard->dayOf($last[$id]) : null);
        }

        return $due;
    }

    /**
     * A check in several places was done when the last of them was.
     *
     * @param list<string> $checks ids
     * @return array<string, CarbonImmutable>
     */
    private function last(string $machineId, array $checks): array
    {
        $rows = DB::table('walk_lines')
            ->join('walks', 'walks.id', '=', 'walk_lines.walk_id')
            ->where('walks.machine_id', $machineId)
            ->whereIn('walk_lines.check_id', $checks)
            ->where('walk_lines.outcome', Outcome::Stands->value)
            ->groupBy('walk_lines.check_id')
            ->selectRaw('walk_lines.check_id, max(walk_lines.answered_at) as last_at')
            ->get();
        $last = [];
        /** @var object{check_id: string, last_at: string|null} $row */
        foreach ($rows as $row) {
            if ($row->last_at !== null) {
                $last[$row->check_id] = CarbonImmutable::parse($row->last_at, 'UTC');
            }
        }

        return $last;
    }
}
