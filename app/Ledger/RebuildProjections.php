<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Models\LedgerEntry;
use Illuminate\Support\Facades\DB;

/**
 * Empties the projections and writes them anew from the entries, in the order in which they were received.
 *
 * In chunks, each a transaction that also says how far it has come: memory stays the same however long the ledger is,
 * and what was broken off goes on where it stopped. Two at once take turns.
 */
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

    private const ROWS_AT_ONCE = 20_000;

    /** @param  positive-int  $entriesAtOnce  in one transaction */
    public function __construct(
        private ProjectEntry $project,
        private RebuildProgress $progress,
        private int $entriesAtOnce = 500,
    ) {
    }

    /**
     * @param \Closure(int): mixed|null $reached told after each chunk how many entries it projected
     * @return int how many entries were projected
     */
    public function __invoke(?\Closure $reached = null): int
    {
        $this->begin();
        $count = 0;
        while (($projected = $this->chunk()) !== null) {
            $count += $projected;
            if ($reached !== null) {
                $reached($projected);
            }
        }

        return $count;
    }

    /** From here on nothing is posted. One that is under way goes on. */
    private function begin(): void
    {
        DB::transaction(function (): void {
            if ($this->progress->locked() === null) {
                $this->progress->begin();
            }
        });
    }

    /** @return int|null how many entries were projected; nothing when there are none left */
    private function chunk(): ?int
    {
        return DB::transaction(function (): ?int {
            $from = $this->progress->locked();
            if ($from === null) {
                return null;
            }
            if ($from === 0) {
                self::empty();
            }
            $entries = LedgerEntry::query()->where('position', '>', $from)->orderBy('position')
                ->limit($this->entriesAtOnce)->get();
            foreach ($entries as $entry) {
                $this->project->entry($entry);
            }
            $last = $entries->last();
            $last === null ? $this->progress->end() : $this->progress->reached($last->position);

            return count($entries);
        });
    }

    /** What was projected goes, table by table and some rows at a time. */
    private static function empty(): void
    {
        foreach (self::TABLES as $table) {
            do {
                $gone = DB::table($table)->limit(self::ROWS_AT_ONCE)->delete();
            } while ($gone === self::ROWS_AT_ONCE);
        }
    }
}
