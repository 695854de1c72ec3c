<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Models\Machine;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use JadeLedger\Core\Ledger\ChainedEntry;
use JadeLedger\Core\Ledger\ChainReport;
use JadeLedger\Core\Ledger\HashChain;
use PDO;

/** Walks the chains of machines, each from its first entry. */
final class VerifyLedger
{
    private const ROWS_AT_ONCE = 5000;

    public function __invoke(Machine $machine): ChainReport
    {
        return HashChain::verify(self::read(self::entries()->where('machine_id', $machine->id)->orderBy('sequence'))[$machine->id] ?? []);
    }

    /**
     * Every chain at once, in the order in which the entries were received: that is how they lie on the disk.
     *
     * @return array<string, ChainReport> by machine, those without an entry left out
     */
    public function all(): array
    {
        $reports = [];
        $last = (int) DB::table('ledger_entries')->max('position');
        for ($from = 1; $from <= $last; $from += self::ROWS_AT_ONCE) {
            foreach (self::read(self::entries()->whereBetween('position', [$from, $from + self::ROWS_AT_ONCE - 1])->orderBy('position')) as $machine => $entries) {
                $reports[$machine] = HashChain::follow($reports[$machine] ?? ChainReport::begun(), $entries);
            }
        }

        return $reports;
    }

    private static function entries(): Builder
    {
        return DB::table('ledger_entries')->select(['machine_id', 'id', 'sequence', 'body', 'previous_hash', 'hash']);
    }

    /** @return array<string, list<ChainedEntry>> by machine; from bare rows, for a yard has hundreds of thousands of them */
    private static function read(Builder $query): array
    {
        $chains = [];
        $statement = DB::connection()->getPdo()->prepare($query->toSql());
        $statement->execute($query->getBindings());
        while (is_array($row = $statement->fetch(PDO::FETCH_NUM))) {
            [$machine, $id, $sequence, $text, $previous, $hash] = $row;
            $chains[$machine][] = new ChainedEntry($id, $sequence, $text, $previous, $hash);
        }

        return $chains;
    }
}
