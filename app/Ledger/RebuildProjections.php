<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Models\LedgerEntry;
use Illuminate\Support\Facades\DB;

/** Empties the projections and writes them anew from the entries, in the order in which they were received. */
final readonly class RebuildProjections
{
    /** Everything that follows from the ledger. */
    public const TABLES = [
        'machine_states', 'hire_states', 'walks', 'walk_lines', 'walk_people', 'readings', 'findings',
        'finding_sightings', 'repairs', 'tags', 'handovers', 'spread_explanations', 'doubtful_entries',
        'fit_questions', 'machine_places', 'meter_changes', 'top_ups',
        'meter_readings', 'service_records', 'machine_attachments', 'telematics_reports',
        'hire_site_answers', 'hire_limits', 'hire_things', 'operators',
        'hirer_ticks', 'hirer_reports',
        // Worked out again when they are asked for.
        'service_ahead', 'service_forecasts',
    ];

    public function __construct(private ProjectEntry $project)
    {
    }

    /** @return int how many entries were projected */
    public function __invoke(): int
    {
        return DB::transaction(function (): int {
            foreach (self::TABLES as $table) {
                DB::table($table)->delete();
            }
            $count = 0;
            foreach (LedgerEntry::query()->orderBy('position')->lazyById(500, 'position') as $entry) {
                $this->project->entry($entry);
                $count++;
            }

            return $count;
        });
    }
}
