<?php

declare(strict_types=1);

namespace App\Ledger\Verification;

use App\Texts;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use JadeLedger\Core\Ledger\ChainEnd;

/** Holds the ledger against the checkpoints: what stood then stands still, and whatever was added since is sealed. */
final readonly class CompareCheckpoint
{
    private const HOURS_OLD = 26;

    public function __construct(private CheckpointFiles $files, private DigestTables $tables)
    {
    }

    /** @return list<string> what is wrong, in words */
    public function faults(): array
    {
        $read = $this->files->read(
            Texts::of(DB::table('yards')->orderBy('id')->pluck('id')),
        );
        $newest = $read->newest();
        if ($newest === null) {
            return $read->faults;
        }
        $faults = $read->faults;
        foreach ($newest->chains as $chain => $end) {
            $fault = $this->chain($chain, $end);
            if ($fault !== null) {
                $faults[] = "Chain {$chain}: {$fault} Checkpoint {$newest->number} of {$newest->takenAt} says so.";
            }
        }
        /** @var array<string, int> $unsealed by chain */
        $unsealed = DB::table('ledger_entries')->whereNull('seal')
            ->selectRaw('chain_id, max(sequence) as sequence')
            ->groupBy('chain_id')
            ->pluck('sequence', 'chain_id')->all();
        foreach ($unsealed as $chain => $sequence) {
            // Entries of before seals were written are covered by the checkpoint that was taken then.
            if ($sequence > ($newest->chains[$chain]->entries ?? 0)) {
                $faults[] = "Chain {$chain}: entry {$sequence} came after checkpoint {$newest->number}"
                    .' and was not written by the application.';
            }
        }
        foreach ($newest->tables as $table => $then) {
            $now = $this->tables->upTo($table, $then->upTo);
            if ($now->sha256 !== $then->sha256) {
                $how = $now->rows === $then->rows
                    ? 'a row is not what it was'
                    : "{$now->rows} rows where there were {$then->rows}";
                $faults[] = "The table {$table} was changed: {$how}. "
                    ."Checkpoint {$newest->number} of {$newest->takenAt} says so.";
            }
        }

        return $faults;
    }

    /** What a look at the files says that is no fault: there is none yet, or the newest is old. */
    public function notice(): ?string
    {
        $newest = $this->files->read(
            Texts::of(DB::table('yards')->pluck('id')),
        )->newest();
        if ($newest === null) {
            return DB::table('ledger_entries')->exists()
                ? 'There is no checkpoint: a tail that was cut could not be found. Take one: artisan ledger:checkpoint.'
                : null;
        }
        $hours = (int) CarbonImmutable::parse($newest->takenAt)->diffInHours(CarbonImmutable::now());

        return $hours > self::HOURS_OLD
            ? "The newest checkpoint is {$hours} hours old: what came since is covered by its seals only."
            : null;
    }

    private function chain(string $chain, ChainEnd $end): ?string
    {
        $count = (int) DB::table('ledger_entries')->where('chain_id', $chain)->max('sequence');
        if ($count < $end->entries) {
            return $count === 0
                ? "its chain of {$end->entries} entries is gone."
                : "its chain ends at entry {$count}; it had {$end->entries}.";
        }
        $hash = DB::table('ledger_entries')->where('chain_id', $chain)
            ->where('sequence', $end->entries)
            ->value('hash');

        return $hash === $end->hash ? null : "its chain was written anew before entry {$end->entries}.";
    }
}
