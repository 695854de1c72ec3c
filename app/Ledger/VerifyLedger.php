<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Models\Machine;
use Illuminate\Support\Facades\DB;
use JadeLedger\Core\Ledger\ChainedEntry;
use JadeLedger\Core\Ledger\ChainReport;
use JadeLedger\Core\Ledger\HashChain;
use PDO;

/** Walks the chains of machines, each from its first entry. */
final class VerifyLedger
{
    /** Rows that are held in memory together, unless one machine alone has more. */
    private const ROWS_AT_ONCE = 4000;

    public function __invoke(Machine $machine): ChainReport
    {
        return $this->reports([$machine->id])[$machine->id] ?? HashChain::verify([]);
    }

    /** @return array<string, ChainReport> by machine, those without an entry left out */
    public function all(): array
    {
        $reports = [];
        $batch = [];
        $rows = 0;
        foreach (DB::table('ledger_entries')->groupBy('machine_id')->selectRaw('machine_id, count(*) as entries')->get() as $machine) {
            if ($batch !== [] && $rows + $machine->entries > self::ROWS_AT_ONCE) {
                $reports += $this->reports($batch);
                $batch = [];
                $rows = 0;
            }
            $batch[] = $machine->machine_id;
            $rows += $machine->entries;
        }

        return $reports + ($batch === [] ? [] : $this->reports($batch));
    }

    /**
     * @param list<string> $machines
     * @return array<string, ChainReport>
     */
    private function reports(array $machines): array
    {
        $chains = [];
        // Bare rows: a yard has hundreds of thousands of them.
        $query = DB::table('ledger_entries')->whereIn('machine_id', $machines)->orderBy('machine_id')->orderBy('sequence')->select(['machine_id', 'id', 'sequence', 'body', 'previous_hash', 'hash']);
        $statement = DB::connection()->getPdo()->prepare($query->toSql());
        $statement->execute($query->getBindings());
        while (is_array($row = $statement->fetch(PDO::FETCH_NUM))) {
            [$machine, $id, $sequence, $text, $previous, $hash] = $row;
            $chains[$machine][] = new ChainedEntry($id, $sequence, $text, $previous, $hash);
        }

        return array_map(HashChain::verify(...), $chains);
    }
}
