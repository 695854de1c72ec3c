<?php

declare(strict_types=1);

namespace App\Actions;

use App\Ledger\Verification\CheckpointFiles;
use App\Ledger\Verification\DigestTables;
use App\Texts;
use Carbon\CarbonImmutable;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Facades\DB;
use JadeLedger\Core\Ledger\ChainEnd;
use JadeLedger\Core\Ledger\Checkpoint;

/** Writes down how everything stands, signed, outside the database. */
final readonly class TakeCheckpoint
{
    public function __construct(private CheckpointFiles $files, private DigestTables $tables)
    {
    }

    /** @throws \RuntimeException when the checkpoints before it do not hold: a new one would cover up what is wrong */
    public function __invoke(): Checkpoint
    {
        $yards = Texts::of(DB::table('yards')->orderBy('id')->pluck('id'));
        $read = $this->files->read($yards);
        if ($read->faults !== []) {
            throw new \RuntimeException("No checkpoint was taken, for those before it do not hold: {$read->faults[0]}");
        }
        $before = $read->newest();
        $checkpoint = DB::transaction(fn (): Checkpoint => new Checkpoint(
            ($before->number ?? 0) + 1,
            CarbonImmutable::now()->utc()->format('Y-m-d\TH:i:s\Z'),
            $before?->digest(),
            $yards,
            self::chains(),
            $this->tables->all(),
        ));
        $this->files->write($checkpoint);

        return $checkpoint;
    }

    /** @return array<string, ChainEnd> by machine or yard */
    private static function chains(): array
    {
        $last = DB::table('ledger_entries')->selectRaw('chain_id, max(sequence) as sequence')->groupBy('chain_id');
        $ends = [];
        /** @var \Illuminate\Support\Collection<int, object{chain_id: string, sequence: int, hash: string}> $rows */
        $rows = DB::table('ledger_entries as entry')
            ->joinSub($last, 'last', static fn (JoinClause $join): JoinClause => $join
                ->on('entry.chain_id', 'last.chain_id')
                ->on('entry.sequence', 'last.sequence'))
            ->orderBy('entry.chain_id')
            ->get(['entry.chain_id', 'entry.sequence', 'entry.hash']);
        foreach ($rows as $row) {
            $ends[$row->chain_id] = new ChainEnd($row->sequence, $row->hash);
        }

        return $ends;
    }
}
