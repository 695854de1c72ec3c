<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Catalogue\CatalogueRepository;
use App\Models\Hire;
use App\Yards\CurrentYard;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use JadeLedger\Core\Catalogue\Movement;
use JadeLedger\Core\Paper\CalendarDate;
use JadeLedger\Core\Reading\Outcome;
use JadeLedger\Core\Service\DueCheck;
use JadeLedger\Core\Service\PeriodicChecks;

/** The checks that come back with the calendar and enter the next walk of a hire's machine. */
final readonly class PeriodicChecksOfHire
{
    public function __construct(private CatalogueRepository $shelf, private CurrentYard $yard)
    {
    }

    /** @return array<string, DueCheck> by the check's id */
    public function of(Hire $hire, Movement $movement, CarbonImmutable $now): array
    {
        $catalogue = $this->shelf->current();
        $periodic = PeriodicChecks::of(
            $catalogue->checks,
            $catalogue->featuresOf($catalogue->model($hire->machine->model_id)),
        );
        $today = $this->yard->dayOf($now);
        $back = $this->yard->dayOf($hire->comes_back_at->toImmutable());

        return $periodic->due(
            $this->lastDays($hire->machine_id, $periodic->ids()),
            $movement === Movement::Checkout && $today->isBefore($back) ? $back : $today,
        );
    }

    /**
     * A check in several places was done when the last of them was.
     *
     * @param list<string> $checks ids
     * @return array<string, CalendarDate>
     */
    private function lastDays(string $machineId, array $checks): array
    {
        $rows = DB::table('walk_lines')
            ->join('walks', 'walks.id', '=', 'walk_lines.walk_id')
            ->where('walks.machine_id', $machineId)
            ->whereIn('walk_lines.check_id', $checks)
            ->where('walk_lines.outcome', Outcome::Stands->value)
            ->groupBy('walk_lines.check_id')
            ->selectRaw('walk_lines.check_id, max(walk_lines.answered_at) as last_at')
            ->get();
        $days = [];
        foreach ($rows as $row) {
            if ($row->last_at !== null) {
                $days[$row->check_id] = $this->yard->dayOf(CarbonImmutable::parse($row->last_at, 'UTC'));
            }
        }

        return $days;
    }
}
